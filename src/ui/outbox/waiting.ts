import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'

/** Entries of one press that are not written yet: kept in the browser, in the order in which they were made. */
export interface Waiting {
  /** of the first of its entries, which no other has */
  readonly id: string
  readonly jobId: string
  /** the last entry that the screen had seen when it was pressed */
  readonly seen: number
  readonly entries: readonly NewEntry[]
  /** it was tried, and the bench did not answer, or had no room */
  readonly tried?: 'no-answer' | 'no-room'
  /** the bench does not take it as it is: somebody decides */
  readonly asked?: {
    readonly why: 'conflict' | 'refused'
    readonly message: string
    readonly others?: readonly KeptEntry[]
  }
}

const KEY = 'urn-outbox'
const none: readonly Waiting[] = []

let items: readonly Waiting[] | undefined
/** The storage took the list as it is: else what waits is in this page alone. */
let isStored = true
const listeners = new Set<() => void>()

const isWaiting = (said: unknown): said is Waiting =>
  typeof said === 'object' &&
  said !== null &&
  'id' in said &&
  typeof said.id === 'string' &&
  'jobId' in said &&
  typeof said.jobId === 'string' &&
  'seen' in said &&
  typeof said.seen === 'number' &&
  'entries' in said &&
  Array.isArray(said.entries) &&
  said.entries.length > 0

function stored(): readonly Waiting[] {
  if (!isStored) return items ?? none
  try {
    const said: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]')
    return Array.isArray(said) ? (said as unknown[]).filter(isWaiting) : none
  } catch {
    return items ?? none
  }
}

/** All that waits, in order. The same list until something changes. */
export const waiting = (): readonly Waiting[] => (items ??= stored())

/** What waits of one job, in order. */
export const waitingOf = (jobId: string): readonly Waiting[] => waiting().filter((one) => one.jobId === jobId)

function change(to: (before: readonly Waiting[]) => readonly Waiting[]): void {
  // other tabs write into the same list
  items = to(stored())
  try {
    localStorage.setItem(KEY, JSON.stringify(items))
    isStored = true
  } catch {
    // it is kept until the page goes, and leaving warns
    isStored = false
  }
  for (const listener of listeners) listener()
}

export const putWaiting = (one: Waiting): void => change((before) => [...before, one])
export const dropWaiting = (id: string): void => change((before) => before.filter((one) => one.id !== id))
export const markWaiting = (id: string, mark: Pick<Waiting, 'tried' | 'asked'>): void =>
  change((before) => before.map((one) => (one.id === id ? { ...one, ...mark } : one)))

/** It is to be written again as it is, on what is known now. */
export const askAgain = (id: string, seen: number): void =>
  change((before) =>
    before.map((one) => {
      if (one.id !== id) return one
      const { asked: _asked, ...rest } = one
      return { ...rest, seen }
    }),
  )

/**
 * What waits behind entries that were just written had seen all before them, and they are one's own: they do not stand against it.
 * @param from sequence number of the first of them
 * @param to   of the last
 */
export const passOwn = (jobId: string, from: number, to: number): void => {
  const passes = (one: Waiting) => one.jobId === jobId && one.seen >= from - 1 && one.seen < to
  if (waiting().some(passes)) change((before) => before.map((one) => (passes(one) ? { ...one, seen: to } : one)))
}

/** Tells whoever shows what waits, also when another tab has changed it. */
export function onWaiting(listener: () => void): () => void {
  const elsewhere = (event: StorageEvent) => {
    if (event.key !== KEY && event.key !== null) return
    items = stored()
    listener()
  }
  listeners.add(listener)
  window.addEventListener('storage', elsewhere)
  return () => {
    listeners.delete(listener)
    window.removeEventListener('storage', elsewhere)
  }
}
