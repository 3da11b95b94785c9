import { type JobState, snapshot } from './state'

/** Records that were written as text before: they are frozen since, so that whoever changes one in place is told. */
const known = new WeakMap<object, string>()

function textOf(value: unknown): string {
  if (value === undefined) return 'null'
  if (typeof value !== 'object' || value === null) return JSON.stringify(value)
  if (value instanceof Map) return objectText([...(value as Map<string, unknown>)])
  const before = known.get(value)
  if (before !== undefined) return before
  const text = Array.isArray(value) ? `[${value.map(textOf).join()}]` : objectText(Object.entries(value))
  known.set(Object.freeze(value), text)
  return text
}

const objectText = (pairs: readonly (readonly [key: string, value: unknown])[]): string =>
  `{${pairs
    .filter(([, one]) => one !== undefined)
    .map(([key, one]) => `${JSON.stringify(key)}:${textOf(one)}`)
    .sort()
    .join()}}`

/** A state as text to compare, without what only counts entries, and without the order in which facts were pinned. */
export const plainState = (state: JobState): string => textOf({ ...snapshot(state), seq: 0, recent: [] })
