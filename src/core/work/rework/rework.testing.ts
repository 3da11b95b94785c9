import { readFileSync } from 'node:fs'
import { expect } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../../record/plan/pinoutOf.testing'
import { emptyPlan, type Plan } from '../../record/plan/plan'
import { workThrough } from '../../views/workThrough.testing'
import type { Entry, NewEntry } from '../../record/journal/entry'
import { foldEntry } from '../../record/journal/fold'
import { newFold, type Folded } from '../../record/journal/folded'
import { refusalOf } from '../left/refusalOf'

/** What tests of re-pin and repair begin with: a demo pinout, its first entries, a hand that works on to the signature. */

export const catalogue = demoShelf()
export const pinout = (file: string, more: Partial<Plan>): Plan => {
  const plan = pinoutOf(readFileSync(`demo/jobs/${file}.csv`, 'utf8'))
  return { ...emptyPlan, ...more, ends: [...plan.ends], wires: [...plan.wires] }
}
let made = 0
export const newId = () => `rework-${String(++made).padStart(5, '0')}`
export const at = '2026-11-25T09:00:00.000Z'
export const put = (folded: Folded, entry: NewEntry) => {
  const full = { ...entry, seq: folded.state.seq + 1, at, by: 'teodor' } as Entry
  const refusal = refusalOf(folded, full, { at, by: 'teodor' })
  if (!refusal) foldEntry(folded, full)
  return refusal
}
export const begun = (entries: readonly NewEntry[]) => {
  const folded = newFold()
  for (const entry of entries) expect(put(folded, entry)).toBeUndefined()
  return folded
}
export const goOn = (folded: Folded) => workThrough([], { newId, from: folded, stamp: () => ({ at, by: 'teodor' }) })
