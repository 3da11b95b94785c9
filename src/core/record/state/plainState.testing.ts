import { type JobState, snapshot } from './state'

/** A state as text to compare, without what only counts entries, and without the order in which facts were pinned. */
export const plainState = (state: JobState): string =>
  JSON.stringify({ ...snapshot(state), seq: 0, recent: [] }, (_key, value: unknown) =>
    value instanceof Map
      ? [...(value as Map<string, unknown>)].sort()
      : value !== null && typeof value === 'object' && !Array.isArray(value)
        ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
        : value,
  )
