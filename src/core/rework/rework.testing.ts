import { readFileSync } from 'node:fs'
import { expect } from 'vitest'
import { demoCatalogue } from '@/formats/demoCatalogue.testing'
import { readPinout } from '@/formats/pinout/readPinout'
import { emptyPlan, type Plan } from '../job/plan'
import { workThrough } from '../job/workThrough.testing'
import type { Entry, NewEntry } from '../journal/entry'
import { foldEntry, newFold, refusalOf, type Folded } from '../journal/fold'

/** What tests of re-pin and repair begin with: a demo pinout, its first entries, a hand that works on to the signature. */

export const catalogue = demoCatalogue()
export const pinout = (file: string, more: Partial<Plan>): Plan => {
  const { plan } = readPinout(readFileSync(`demo/jobs/${file}.csv`, 'utf8'), catalogue)
  if (!plan) throw new Error(file)
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
