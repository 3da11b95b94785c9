import { DEEPEST } from '@/core/base/badText'

/** A text as JSON, with how many brackets are open at once where most are; or why it is none. */
export type ParsedJson =
  | { readonly ok: true; readonly value: unknown; readonly depth: number }
  | { readonly ok: false; readonly why: 'not-json' | 'too-deep' }

/** Counted with room: what is only a little deeper is named with its place by who looks at the value. */
const MOST = 2 * DEEPEST

/** Reads a text as JSON, unless it is nested too deep: millions of brackets would be paid for before anything looks at them. */
export function parseJson(text: string): ParsedJson {
  const depth = depthOf(text)
  if (depth > MOST) return { ok: false, why: 'too-deep' }
  try {
    return { ok: true, value: JSON.parse(text) as unknown, depth }
  } catch {
    return { ok: false, why: 'not-json' }
  }
}

const [QUOTE, ESCAPE] = [0x22, 0x5c]
const [OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [0x5b, 0x5d, 0x7b, 0x7d]

/** How many brackets are open at once where most are; no further than one past the limit. */
function depthOf(text: string): number {
  let depth = 0
  let deepest = 0
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    if (code === QUOTE) i = endOfString(text, i)
    else if (code === OPEN_LIST || code === OPEN_OBJECT) {
      depth++
      if (depth > deepest) deepest = depth
      if (deepest > MOST) break
    } else if (code === CLOSE_LIST || code === CLOSE_OBJECT) depth--
  }
  return deepest
}

/** Where a string ends that begins at a quote: at the next one that is not escaped. */
function endOfString(text: string, from: number): number {
  for (let end = text.indexOf('"', from + 1); end !== -1; end = text.indexOf('"', end + 1)) {
    let escapes = 0
    while (text.charCodeAt(end - 1 - escapes) === ESCAPE) escapes++
    if (escapes % 2 === 0) return end
  }
  return text.length
}
