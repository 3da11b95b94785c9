import { CORE_SCHEMA, dump, load, mergeTag } from 'js-yaml'
import { fail, ok, type Result } from '@/core/base/result'

const schema = CORE_SCHEMA.withTags(mergeTag)
/** A hand-written file shares a few blocks; a file with more references than this is meant to blow up. */
const ALIAS_LIMIT = 500
/** Values that a document may have once its references are followed: several times what the largest catalogue has. */
const VALUE_LIMIT = 5_000_000

/**
 * Reads YAML 1.2 with merge keys, or JSON. References are bounded, and followed references too, so that no small file becomes
 * a large one, nor one without an end.
 * @returns the document, or why it cannot be read, with its line where there is one
 */
export function readYaml(text: string): Result<unknown, string> {
  if (/^\s*[{[]/.test(text)) {
    try {
      return ok(JSON.parse(text) as unknown)
    } catch {
      // flow YAML begins alike
    }
  }
  try {
    const document = load(text, { schema, maxAliases: ALIAS_LIMIT })
    return overBudget(document) ? fail('its aliases repeat more than any catalogue holds') : ok(document)
  } catch (error) {
    return fail(error instanceof Error ? (error.message.split('\n')[0] ?? 'not YAML') : 'not YAML')
  }
}

/** Are there more values than the limit, counting what a reference leads to each time that it is named? */
function overBudget(document: unknown): boolean {
  let left = VALUE_LIMIT
  const waiting: unknown[] = [document]
  while (waiting.length > 0) {
    if (left-- <= 0) return true
    const value = waiting.pop()
    if (typeof value === 'object' && value !== null) for (const child of Object.values(value)) waiting.push(child)
  }
  return false
}

/** A document as YAML, every value written out. */
export const writeYaml = (document: unknown): string => dump(document, { noRefs: true, lineWidth: -1 })
