import { DEEPEST, badText } from '@/core/base/badText'
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

/** As it is, or behind an escape: only a text with one of these can have a value that cannot be kept. */
const SUSPECT = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\ud800-\udfff]|\\[bfu]|__proto__/

/** Bytes as a JSON value whose texts can all be kept. */
export function jsonOfBytes(bytes: Uint8Array): Read<{ readonly value: unknown }> {
  const strict = strictText(bytes)
  if (!strict) return refused(parsedWords['not-utf8'])
  const parsed = parseJson(strict.text)
  if (!parsed.ok) return refused(parsedWords[parsed.why])
  // a record has half a million texts: they are looked at one by one only where there may be something to find
  const bad = parsed.depth > DEEPEST || SUSPECT.test(strict.text) ? badText(parsed.value) : undefined
  return bad ? refused(badTextWords(bad), bad.path) : { ok: true, value: parsed.value }
}
