import { createRequire } from 'node:module'
import { join } from 'node:path'
import { parentPort, workerData } from 'node:worker_threads'
import pdfmake from 'pdfmake'
import { buildSheet, type BuildSheetInput } from './buildSheet'

/** Makes one PDF off the request thread, from plain data, with the fonts that ship with the app and nothing from outside. */
const require = createRequire(join(process.cwd(), 'package.json'))
const fonts = new Set<string>()
const font = (file: string) => {
  const path = require.resolve(file)
  fonts.add(path)
  return path
}
const sans = (weight: 400 | 700) => font(`@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-${weight}-normal.woff`)
const mono = (weight: 400 | 600) => font(`@fontsource/ibm-plex-mono/files/ibm-plex-mono-latin-${weight}-normal.woff`)

pdfmake.setUrlAccessPolicy(() => false)
// the app's own fonts and nothing else
pdfmake.setLocalAccessPolicy((path: string) => fonts.has(path))
pdfmake.setFonts({
  Sans: { normal: sans(400), bold: sans(700), italics: sans(400), bolditalics: sans(700) },
  Mono: { normal: mono(400), bold: mono(600), italics: mono(400), bolditalics: mono(600) },
})

const pdf = await pdfmake.createPdf(buildSheet(workerData as BuildSheetInput)).getBuffer()
parentPort?.postMessage(pdf)
