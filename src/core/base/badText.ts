/** Text that no record can hold, or that no other program would read back as it is. */
export interface BadText {
  readonly kind: 'control' | 'half-character' | 'reserved-name' | 'too-deep'
  readonly path: readonly (string | number)[]
  /** the character in that text, from 1 */
  readonly at?: number
}

/** What might be unfit, by single units: texts that have none of these are not looked at more closely. */
const SUSPECT = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\ud800-\udfff]/
/** Control characters but tab and the ends of lines, and halves of a pair that stand alone. */
const UNFIT = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]|\p{Surrogate}/u

/** As a key it is no field of an object but what the object is made of. As an id it is a text like others. */
const RESERVED = '__proto__'

/** No document of ours goes nearly as deep. */
export const DEEPEST = 64

/** What is wrong, and the way to it from the inside out: a way is put together only where something is found. */
interface Found {
  readonly kind: BadText['kind']
  readonly at?: number
  readonly way: (string | number)[]
}

function unfit(text: string): Found | undefined {
  if (!SUSPECT.test(text)) return undefined
  const found = UNFIT.exec(text)
  if (!found) return undefined
  return { kind: found[0] >= '\ud800' ? 'half-character' : 'control', at: found.index + 1, way: [] }
}

const under = (key: string | number, found: Found | undefined): Found | undefined => {
  found?.way.push(key)
  return found
}

function look(value: unknown, depth: number): Found | undefined {
  if (typeof value === 'string') return unfit(value)
  if (typeof value !== 'object' || value === null) return undefined
  if (depth > DEEPEST) return { kind: 'too-deep', way: [] }
  if (Array.isArray(value)) {
    for (let i = 0; i < value.length; i++) {
      const found = under(i, look(value[i], depth + 1))
      if (found) return found
    }
    return undefined
  }
  for (const [key, item] of Object.entries(value)) {
    const found = under(
      key,
      key === RESERVED ? { kind: 'reserved-name', way: [] } : (unfit(key) ?? look(item, depth + 1)),
    )
    if (found) return found
  }
  return undefined
}

/** The first text, key or id in a value that cannot be kept; undefined when all of it can. */
export function badText(value: unknown): BadText | undefined {
  const found = look(value, 0)
  if (!found) return undefined
  const path = found.way.reverse()
  return {
    kind: found.kind,
    path: found.kind === 'too-deep' ? path.slice(0, 3) : path,
    ...(found.at !== undefined && { at: found.at }),
  }
}
