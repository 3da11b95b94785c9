import { type JobState, snapshot } from './state'

/** A state as text to compare, without what only counts entries. */
export const plainState = (state: JobState): string =>
  JSON.stringify({ ...snapshot(state), seq: 0, recent: [] }, (_key, value: unknown) =>
    value instanceof Map ? [...(value as Map<string, unknown>)].sort() : value,
  )
