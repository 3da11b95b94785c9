/** Text that no record can hold, or that no other program would read back as it is. */
export interface BadText {
  readonly kind: 'control' | 'half-character' | 'reserved-name' | 'too-deep'
  readonly path: readonly (string | number)[]
  /** the character in that text, from 1 */
  readonly at?: number
}

/** Control characters but tab and the ends of lines, and halves of a pair that stand alone. */
const UNFIT = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]|\p{Surrogate}/u

/** As a key it is no field of an object but what the object is made of. As an id it is a text like others. */
const RESERVED = '__proto__'

/** No document of ours goes nearly as deep. */
const DEEPEST = 64

function unfit(text: string, path: BadText['path']): BadText | undefined {
  const found = UNFIT.exec(text)
  if (!found) return undefined
  return { kind: found[0] >= '\ud800' ? 'half-character' : 'control', path, at: found.index + 1 }
}

/** The first text, key or id in a value that cannot be kept; undefined when all of it can. */
export function badText(value: unknown, path: BadText['path'] = []): BadText | undefined {
  if (typeof value === 'string') return unfit(value, path)
  if (typeof value !== 'object' || value === null) return undefined
  if (path.length > DEEPEST) return { kind: 'too-deep', path: path.slice(0, 3) }
  if (Array.isArray(value)) {
    for (const [i, item] of value.entries()) {
      const found = typeof item === 'number' ? undefined : badText(item, [...path, i])
      if (found) return found
    }
    return undefined
  }
  for (const key of Object.keys(value)) {
    const item = (value as Record<string, unknown>)[key]
    if (key === RESERVED) return { kind: 'reserved-name', path: [...path, key] }
    const found = unfit(key, [...path, key]) ?? (typeof item === 'number' ? undefined : badText(item, [...path, key]))
    if (found) return found
  }
  return undefined
}
