import canonicalize from 'canonicalize'

/** A key that an object lists before all others, whenever it was put in. */
const INDEX = /^(?:0|[1-9]\d*)$/

/** A copy whose keys are in the order of RFC 8785; undefined where an object cannot hold them in that order. */
function ordered(value: unknown): unknown {
  if (typeof value !== 'object' || value === null) return value
  if (Array.isArray(value)) {
    const items: unknown[] = []
    for (const item of value) {
      const one = ordered(item)
      if (one === undefined && item !== undefined) return undefined
      items.push(one)
    }
    return items
  }
  // without a prototype any name is a key like others
  const copy = Object.create(null) as Record<string, unknown>
  for (const key of Object.keys(value).sort()) {
    const item = (value as Record<string, unknown>)[key]
    if (item === undefined) continue
    const one = INDEX.test(key) ? undefined : ordered(item)
    if (one === undefined) return undefined
    copy[key] = one
  }
  return copy
}

/**
 * The canonical JSON (RFC 8785) of a value, byte for byte as `canonicalize` writes it, which the platform's own writer does
 * several times as fast once the keys are in order. What that cannot write (keys that are numbers, half a surrogate) the
 * package does, or refuses.
 */
export function canonicalText(value: unknown): string {
  const copy = ordered(value)
  const text = copy === undefined ? undefined : JSON.stringify(copy)
  return text === undefined || text.includes('\\ud') ? (canonicalize(value) ?? '') : text
}
