import { badText } from '@/core/base/badText'
import { strictText } from '@/core/base/text/decodeText'
import { badTextWords } from '@/words/badText'
import { parsedWords } from '@/words/parsed'
import { parseJson } from './parseJson'

/** What is wrong with a document, and where. */
export interface ReadIssue {
  readonly path: readonly (string | number)[]
  readonly message: string
}

type Read<T> = ({ readonly ok: true } & T) | { readonly ok: false; readonly issues: readonly ReadIssue[] }

const refused = (message: string, path: ReadIssue['path'] = []) => ({ ok: false, issues: [{ path, message }] }) as const

/** Bytes as text that can be kept: UTF-8, or UTF-16 by its mark. */
export function textOfBytes(bytes: Uint8Array): Read<{ readonly text: string }> {
  const strict = strictText(bytes)
  if (!strict) return refused(parsedWords['not-utf8'])
  const bad = badText(strict.text)
  if (!bad) return { ok: true, text: strict.text }
  const line = strict.text.slice(0, bad.at ?? 1).split('\n').length
  return refused(badTextWords(bad), ['line', line])
}

/** Bytes as a JSON value whose texts can all be kept. */
export function jsonOfBytes(bytes: Uint8Array): Read<{ readonly value: unknown }> {
  const strict = strictText(bytes)
  if (!strict) return refused(parsedWords['not-utf8'])
  const parsed = parseJson(strict.text)
  if (!parsed.ok) return refused(parsedWords[parsed.why])
  const bad = badText(parsed.value)
  return bad ? refused(badTextWords(bad), bad.path) : { ok: true, value: parsed.value }
}
