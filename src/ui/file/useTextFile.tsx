'use client'
import { type ReactNode, useCallback, useState } from 'react'
import { decodeText } from '@/core/base/text/decodeText'
import { later } from '../later/later'
import { type Result, fail, ok } from '@/core/base/result'
import { textFileWords as words } from '@/words/screens/textFile'

const EncodingQuestion = later(
  () => import('./EncodingQuestion'),
  (module) => module.EncodingQuestion,
)

interface Asked {
  readonly name: string
  readonly lines: readonly { readonly utf8: string; readonly windows1252: string }[]
  readonly answer: (take: boolean) => void
}

/**
 * Reads text files. Where nobody can tell how one was written, it is asked: `question` stands on the screen until it is answered.
 * @returns `read`, which gives the text, or the sentence why there is none; undefined when somebody chose not to read it
 */
export function useTextFile(): {
  readonly read: (file: File) => Promise<Result<string, string | undefined>>
  readonly question: ReactNode
} {
  const [asked, setAsked] = useState<Asked>()
  const read = useCallback(async (file: File): Promise<Result<string, string | undefined>> => {
    const decoded = decodeText(new Uint8Array(await file.arrayBuffer()))
    if (decoded.kind === 'text') return ok(decoded.text)
    if (decoded.kind === 'not-text') return fail(words.isNoText(file.name, decoded.line))
    const take = await new Promise<boolean>((answer) => setAsked({ name: file.name, lines: decoded.lines, answer }))
    setAsked(undefined)
    return take ? ok(decoded.windows1252) : fail(undefined)
  }, [])
  return { read, question: asked && <EncodingQuestion {...asked} /> }
}
