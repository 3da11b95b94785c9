import { DEEPEST } from '@/core/base/badText'

/** A text as JSON, or why it is none. */
export type ParsedJson =
  { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly why: 'not-json' | 'too-deep' }

/** Reads a text as JSON, unless it is nested too deep: millions of brackets would be paid for before anything looks at them. */
export function parseJson(text: string): ParsedJson {
  if (isTooDeep(text)) return { ok: false, why: 'too-deep' }
  try {
    return { ok: true, value: JSON.parse(text) as unknown }
  } catch {
    return { ok: false, why: 'not-json' }
  }
}

const [QUOTE, ESCAPE] = [0x22, 0x5c]
const [OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [0x5b, 0x5d, 0x7b, 0x7d]

function isTooDeep(text: string): boolean {
  // counted with room: what is only a little deeper is named with its place by who looks at the value
  const most = 2 * DEEPEST
  let depth = 0
  let quoted = false
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    if (quoted) {
      if (code === ESCAPE) i++
      else if (code === QUOTE) quoted = false
    } else if (code === QUOTE) quoted = true
    else if (code === OPEN_LIST || code === OPEN_OBJECT) {
      if (++depth > most) return true
    } else if (code === CLOSE_LIST || code === CLOSE_OBJECT) depth--
  }
  return false
}
