/** What a file's bytes are as text. */
export type Decoded =
  | { readonly kind: 'text'; readonly text: string; readonly encoding: 'utf-8' | 'utf-16' }
  /** no UTF-8: it may be of an older Windows program; somebody who knows the words says so */
  | {
      readonly kind: 'unsure'
      readonly windows1252: string
      /** lines that differ, both ways */
      readonly lines: readonly { readonly utf8: string; readonly windows1252: string }[]
    }
  /** the line that shows it, from 1, where the rest of it is text */
  | { readonly kind: 'not-text'; readonly line?: number }

/** Lines that are shown of a file whose encoding is asked about. */
const SHOWN = 2
/** What stands where a decoder found nothing: never taken, only shown in the question. */
const BROKEN = '\uFFFD'

// NUL and its neighbours stand in no text, nor do the controls that Windows-1252 has no letter for

const BINARY = /[\u0000-\u0008\u000e-\u001f\u0080-\u009f]/

/** Bytes as text in UTF-8, or in UTF-16 by its mark, whatever it says; undefined for any other. */
export function strictText(
  bytes: Uint8Array,
): { readonly text: string; readonly encoding: 'utf-8' | 'utf-16' } | undefined {
  if (!isMarked(bytes)) {
    const text = strictly('utf-8', bytes)
    return text === undefined ? undefined : { text, encoding: 'utf-8' }
  }
  const text = strictly(bytes[0] === 0xff ? 'utf-16le' : 'utf-16be', bytes)
  return text === undefined ? undefined : { text, encoding: 'utf-16' }
}

/** Does it begin with the mark of UTF-16, either end first? */
const isMarked = ([first, second]: Uint8Array) =>
  (first === 0xff && second === 0xfe) || (first === 0xfe && second === 0xff)

const lineOf = (text: string, at: number) => text.slice(0, at).split('\n').length

const strictly = (encoding: string, bytes: Uint8Array): string | undefined => {
  try {
    return new TextDecoder(encoding, { fatal: true }).decode(bytes)
  } catch {
    return undefined
  }
}

/**
 * Reads a text file: UTF-8 or not at all, UTF-16 by its mark; anything else may be Windows-1252, and is asked about. Nothing that
 * could not be read is replaced by anything.
 */
export function decodeText(bytes: Uint8Array): Decoded {
  const strict = strictText(bytes)
  if (strict) {
    const bad = BINARY.exec(strict.text)
    return bad ? { kind: 'not-text', line: lineOf(strict.text, bad.index) } : { kind: 'text', ...strict }
  }
  if (isMarked(bytes)) return { kind: 'not-text' }
  const windows1252 = new TextDecoder('windows-1252').decode(bytes)
  if (BINARY.test(windows1252)) return { kind: 'not-text' }
  const loose = new TextDecoder('utf-8').decode(bytes).split(/\r?\n/)
  const lines = windows1252.split(/\r?\n/).flatMap((line, i) => {
    const other = loose[i] ?? ''
    return other.includes(BROKEN) ? [{ utf8: other, windows1252: line }] : []
  })
  return { kind: 'unsure', windows1252, lines: lines.slice(0, SHOWN) }
}
