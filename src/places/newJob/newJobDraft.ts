import type { Plan } from '@/core/record/plan/plan'

const KEY = 'urn-new-job'

/** A job that is being made, as it is typed. */
export interface NewJobDraft {
  readonly title: string
  readonly csv: string
  /** housings that were picked, by end */
  readonly ends: Readonly<Record<string, string>>
  readonly kind: Plan['kind']
  /** what each wire of a harness that is there has to spare */
  readonly slack: string
}

export const emptyDraft: NewJobDraft = { title: '', csv: '', ends: {}, kind: 'build', slack: '' }

const isText = (value: unknown): value is string => typeof value === 'string'

/** What was typed before the page was loaded again, field by field as far as it can be read. */
export function keptDraft(): NewJobDraft | undefined {
  let said: unknown
  try {
    said = JSON.parse(localStorage.getItem(KEY) ?? 'null')
  } catch {
    return undefined
  }
  if (typeof said !== 'object' || said === null) return undefined
  const { title, csv, ends, kind, slack } = said as Record<string, unknown>
  const picked = typeof ends === 'object' && ends !== null ? Object.entries(ends) : []
  return {
    title: isText(title) ? title : '',
    csv: isText(csv) ? csv : '',
    ends: Object.fromEntries(picked.filter((one): one is [string, string] => isText(one[1]))),
    kind: kind === 're-pin' || kind === 'repair' ? kind : 'build',
    slack: isText(slack) ? slack : '',
  }
}

export function keepDraft(draft: NewJobDraft): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(draft))
  } catch {
    // a full store only means that a reload forgets it
  }
}

export const dropDraft = (): void => localStorage.removeItem(KEY)
