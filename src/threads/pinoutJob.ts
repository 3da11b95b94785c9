import { type Result, fail, ok } from '@/core/base/result'
import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import { type Plan, emptyPlan } from '@/core/record/plan/plan'
import type { NewEntry } from '@/core/record/journal/entry'
import { firstEntries } from '@/core/work/kit/firstEntries'
import { reworkEntries } from '@/core/work/rework/reworkEntries'
import { type PinoutReading, readPinout } from '@/formats/pinout/readPinout'

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

export type PinoutFaults = Pick<PinoutReading, 'tableFaults' | 'cellFaults'>

/** The first entries of a job from its pinout: wires, and a set chosen for each of their ends; or every fault of the table. */
export function pinoutJob(
  order: PinoutOrder,
  catalogue: Catalogue,
  newId: () => string,
): Result<NewEntry[], PinoutFaults> {
  const { csv, picks, kind, slackMm, title, today } = order
  const { plan: read, tableFaults, cellFaults } = readPinout(csv, catalogue, picks)
  if (!read) return fail({ tableFaults, cellFaults })
  const plan: Plan = { ...emptyPlan, title, kind, ends: [...read.ends], wires: [...read.wires] }
  return ok(
    kind === 'build'
      ? firstEntries(catalogue, plan, today, newId)
      : reworkEntries(catalogue, plan, { slackMm }, today, newId),
  )
}
