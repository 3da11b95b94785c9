import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import type { HouseRules } from '../../parts/rules/houseRules'
import { firstEntries } from '../../work/kit/firstEntries'
import { refusalOf } from '../../work/left/refusalOf'
import { withRules } from '../../views/sevenLeads.testing'
import { workThrough, type WorkOptions } from '../../views/workThrough.testing'
import type { NewEntry } from '../journal/entry'
import type { Refusal } from '../journal/entryKind'
import type { Folded } from '../journal/folded'
import { emptyPlan } from '../plan/plan'
import { pinoutOf } from '../plan/pinoutOf.testing'

const shelf = demoShelf()
let made = 0
const newId = () => `rules-${String(++made).padStart(5, '0')}`
/** A journal's own clock: each entry a second after the one before. */
const stamp = (seq: number) => ({ at: new Date(Date.UTC(2026, 10, 25, 9, 0, seq)).toISOString(), by: 'ansa' })

const csv = ([one, other]: readonly [string, string]) =>
  `wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,TW-0.5,RD,A,${one},B,${one},620\nW2,TW-0.5,BK,A,${other},B,${other},620`

/** Two-wire leads under house rules of one's own, worked on until something comes next. */
export function leadsUnder(
  rules: Partial<HouseRules>,
  until: WorkOptions['until'],
  { quantity = 1, from = 'CM-3P', to = 'SW-2P', cavities = ['1', '2'] as readonly [string, string] } = {},
): Folded {
  const read = pinoutOf(csv(cavities), { A: from, B: to })
  const plan = { ...emptyPlan, quantity, rules: 'of-this-test', ends: [...read.ends], wires: [...read.wires] }
  return workThrough(firstEntries(withRules(shelf, rules), plan, '2026-11-25', newId), {
    newId,
    stamp,
    ...(until && { until }),
  }).folded
}

type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id'> : never) : never

/** Why an entry would not be admitted now. */
export function refusedNow(folded: Folded, said: Said, at = stamp(folded.state.seq + 1).at): Refusal | undefined {
  const moment = { at, by: 'ansa' }
  return refusalOf(folded, { ...said, id: newId(), seq: folded.state.seq + 1, ...moment }, moment)
}
