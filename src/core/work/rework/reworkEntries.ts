import type { Catalogue } from '../../parts/catalogue/catalogue'
import { firstEntries, planChangeEntries } from '../kit/firstEntries'
import type { Plan, PlanChange } from '../../record/plan/plan'
import { fatesOf, disturbsWork } from '../../record/plan/revision'
import { askedOfWires, saidOfWires } from '../../record/plan/wiresAnswered'
import type { NewEntry } from '../../record/journal/entry'
import { foldEntry } from '../../record/journal/fold'
import { newFold } from '../../record/journal/folded'
import { asFoundEntry } from './asFound'
import { matchWires } from './matchWires'

/** How the harness of a re-pin or repair came. */
export interface AsFound {
  /** what each wire has over the plan's length */
  readonly slackMm?: number | undefined
  /** the pinout that is wanted, where it differs from the one that is there */
  readonly wanted?: Pick<Plan, 'ends' | 'wires' | 'rev'> | undefined
}

/**
 * The first entries of a job on a harness that is there: its pinout as it is, taken over as made and seated; then, where
 * another pinout is wanted, the change to it, its wires matched to those that are there.
 */
export function reworkEntries(
  catalogue: Catalogue,
  present: Plan,
  { slackMm, wanted }: AsFound,
  today: string,
  newId: () => string,
): NewEntry[] {
  const folded = newFold()
  const entries: NewEntry[] = []
  const add = (more: readonly NewEntry[]) => {
    for (const one of more) {
      entries.push(one)
      foldEntry(folded, { ...one, seq: folded.state.seq + 1, at: `${today}T00:00:00.000Z`, by: '' })
    }
  }
  add(firstEntries(catalogue, present, today, newId))
  add([asFoundEntry(folded.state, newId, slackMm)])
  if (!wanted) return entries
  const change = changeTo(present, wanted)
  // a wire that is wanted in another colour or type than the one that is there is another wire
  const another = askedOfWires(folded.state, change).map(({ wire }) => wire)
  const said = another.length > 0 ? { another } : {}
  const disturbed = fatesOf(folded.state, change, folded.state.facts, saidOfWires(said))
    .filter((fate) => disturbsWork(folded.state, fate))
    .map((fate) => fate.wire)
  add(planChangeEntries(catalogue, folded.state, change, today, newId, disturbed, said))
  return entries
}

/** What leads from one pinout to the other. */
export function changeTo(present: Plan, wanted: Pick<Plan, 'ends' | 'wires' | 'rev'>): PlanChange {
  const { wires, gone } = matchWires(present.wires, wanted.wires)
  const before = new Map(present.wires.map((wire) => [wire.id, JSON.stringify(wire)]))
  const ends = new Map(present.ends.map((end) => [end.id, end]))
  const putWires = wires.filter((wire) => before.get(wire.id) !== JSON.stringify(wire))
  const putEnds = wanted.ends.filter((end) => !ends.has(end.id))
  return {
    meta: { rev: wanted.rev },
    ...(putEnds.length > 0 && { putEnds }),
    ...(putWires.length > 0 && { putWires }),
    ...(gone.length > 0 && { removeWires: [...gone] }),
  }
}
