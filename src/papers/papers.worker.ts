import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { parentPort } from 'node:worker_threads'
import pdfmake from 'pdfmake'
import { giveWay } from '@/threads/giveWay'
import { type ThreadMessage, threadOrder } from '@/threads/runThread'
import { sayIn } from '@/words/benchUnits'
import { type PaperOrder, files, isFile, papers } from './papers'

/** Makes one PDF off the request thread, from plain data, with the fonts that ship with the app and nothing from outside. */
const fonts = new Set<string>()
/** A font from the folder that the build has made beside this file. */
const font = (name: 'sans-400' | 'sans-700' | 'mono-400' | 'mono-600') => {
  const path = join(dirname(fileURLToPath(import.meta.url)), 'fonts', `${name}.ttf`)
  fonts.add(path)
  return path
}

pdfmake.setUrlAccessPolicy(() => false)
// the app's own fonts and nothing else
pdfmake.setLocalAccessPolicy((path: string) => fonts.has(path))
pdfmake.setFonts({
  Sans: { normal: font('sans-400'), bold: font('sans-700'), italics: font('sans-400'), bolditalics: font('sans-700') },
  Mono: { normal: font('mono-400'), bold: font('mono-600'), italics: font('mono-400'), bolditalics: font('mono-600') },
})

giveWay()
const { paper, input } = await threadOrder<PaperOrder>()
sayIn(input.says)
const answer: Uint8Array = isFile(paper)
  ? ((await files[paper](input)) ?? new Uint8Array())
  : await pdfmake.createPdf(papers[paper](input)).getBuffer()
parentPort?.postMessage({ answer } satisfies ThreadMessage<never, Uint8Array>)
