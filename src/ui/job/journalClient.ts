import { journalClientWords as words } from '@/words/screens/job/journalClient'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'

/** An entry without its id: what a control says. */
export type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id' | 'by'> : never) : never

export type AppendAnswer =
  | { readonly kind: 'written'; readonly entries: readonly KeptEntry[] }
  | { readonly kind: 'conflict'; readonly entries: readonly KeptEntry[]; readonly message: string }
  | { readonly kind: 'refused'; readonly message: string }
  /** it did not answer, or there is no room on its disk */
  | { readonly kind: 'unreachable'; readonly full?: boolean }

/** An id for an entry, so that a retry is not a second one. Works without a secure context. */
export function entryId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(10))
  return `c-${[...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`
}

interface ErrorBody {
  readonly error?: {
    readonly message?: string
    readonly entries?: readonly KeptEntry[]
    readonly issues?: readonly { readonly path: readonly (string | number)[]; readonly message: string }[]
  }
}

/** Appends entries through the open interface's own route. */
export async function appendToJournal(
  jobId: string,
  seen: number,
  entries: readonly NewEntry[],
): Promise<AppendAnswer> {
  let response: Response
  try {
    response = await fetch(`/api/v1/jobs/${encodeURIComponent(jobId)}/journal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ seen, entries }),
    })
  } catch {
    return { kind: 'unreachable' }
  }
  if (response.status === 201)
    return { kind: 'written', entries: ((await response.json()) as { entries: KeptEntry[] }).entries }
  if (response.status >= 500) return { kind: 'unreachable', ...(response.status === 507 && { full: true }) }
  const { error } = (await response.json()) as ErrorBody
  if (response.status === 409) return { kind: 'conflict', entries: error?.entries ?? [], message: error?.message ?? '' }
  return {
    kind: 'refused',
    message:
      error?.message ??
      error?.issues?.map((issue) => `${issue.path.join('.')} ${issue.message}`).join('; ') ??
      words.benchDidNotTake,
  }
}

/** Entries that others have written since. */
export async function newerEntries(
  jobId: string,
  after: number,
): Promise<{ readonly entries: readonly KeptEntry[]; readonly last: number } | undefined> {
  try {
    const response = await fetch(`/api/v1/jobs/${encodeURIComponent(jobId)}/journal?after=${after}&limit=1000`, {
      cache: 'no-store',
    })
    return response.ok ? ((await response.json()) as { entries: KeptEntry[]; last: number }) : undefined
  } catch {
    return undefined
  }
}
