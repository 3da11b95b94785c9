import { type Result, fail, ok } from '@/core/base/result'
import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import { type Plan, emptyPlan } from '@/core/record/plan/plan'
import type { NewEntry } from '@/core/record/journal/entry'
import { firstEntries } from '@/core/work/kit/firstEntries'
import { reworkEntries } from '@/core/work/rework/reworkEntries'
import { type PinoutReading, readPinout } from '@/formats/pinout/readPinout'
import { type ReadIssue, textOfBytes } from '@/formats/readBytes'
import { cellProblemWords, columnWords, tableFaultWords } from '@/words/pinout'

/** A table of at most so many characters is read sooner than a thread begins. */
export const PINOUT_INLINE = 32_000

/** A job that is to be made of a pinout in CSV. */
export interface PinoutOrder {
  readonly csv: string
  /** end → housing, where the table does not say it */
  readonly picks: Readonly<Record<string, string>>
  readonly kind: Plan['kind']
  /** what each wire of a harness that is there has to spare, mm */
  readonly slackMm: number | undefined
  readonly title: string
  /** the bench's day */
  readonly today: string
}

const issuesOf = ({ tableFaults, cellFaults }: PinoutReading): readonly ReadIssue[] => [
  ...tableFaults.map((fault) => ({
    path: 'row' in fault ? ['row', fault.row] : [],
    message: tableFaultWords(fault),
  })),
  ...cellFaults.map((fault) => ({
    path: ['row', fault.row, columnWords(fault.column)],
    message: cellProblemWords(fault.problem, fault.found),
  })),
]

/** The first entries of a job from its pinout: wires, and a set chosen for each of their ends; or every fault of the table. */
export function pinoutJob(
  order: PinoutOrder,
  catalogue: Catalogue,
  newId: () => string,
): Result<NewEntry[], readonly ReadIssue[]> {
  const { csv, picks, kind, slackMm, title, today } = order
  const reading = readPinout(csv, catalogue, picks)
  const { plan: read } = reading
  if (!read) return fail(issuesOf(reading))
  const plan: Plan = { ...emptyPlan, title, kind, ends: [...read.ends], wires: [...read.wires] }
  return ok(
    kind === 'build'
      ? firstEntries(catalogue, plan, today, newId)
      : reworkEntries(catalogue, plan, { slackMm }, today, newId),
  )
}

/** The same of a table as it came. */
export function pinoutJobOfBytes(
  csv: Uint8Array,
  order: Omit<PinoutOrder, 'csv'>,
  catalogue: Catalogue,
  newId: () => string,
): Result<NewEntry[], readonly ReadIssue[]> {
  const read = textOfBytes(csv)
  return read.ok ? pinoutJob({ ...order, csv: read.text }, catalogue, newId) : fail(read.issues)
}
