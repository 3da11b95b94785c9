import { demoShelf } from '../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../record/plan/pinoutOf.testing'
import type { Catalogue } from '../parts/catalogue/catalogue'
import { houseRules, type HouseRules } from '../parts/rules/houseRules'
import { firstEntries } from '../work/kit/firstEntries'
import { emptyPlan } from '../record/plan/plan'
import { workThrough } from './workThrough.testing'
import { foldEntry } from '../record/journal/fold'
import type { Entry } from '../record/journal/entry'
import { looksOf } from '../record/standing/looksOf'
import { refusalOf } from '../work/left/refusalOf'

const shelf = demoShelf()
const rows = Array.from({ length: 7 }, (_, i) => `W${i + 1},TW-1.0,RD,A,${i + 1},SW-7P,,,400`)
const read = pinoutOf(`wire,type,colour,from end,from cavity,from housing,to end,to cavity,length\n${rows.join('\n')}`)

/** The shelf with a school of rules of its own: the strict one, but for what a test needs. */
export const withRules = (catalogue: Catalogue, more: Partial<HouseRules>): Catalogue => ({
  ...catalogue,
  rules: new Map([
    ...catalogue.rules,
    ['of-this-test', { ...houseRules['sheet-strict'], ...more, id: 'of-this-test' }],
  ]),
})

/** The first entries of a job: a pinout with its housings, under the strict rules but for what a test needs. */
export function newJobUnder(title: string, csv: string, more: Partial<HouseRules>): readonly Entry[] {
  const { ends, wires } = pinoutOf(csv)
  let made = 0
  const plan = { ...emptyPlan, title, rules: 'of-this-test', ends: [...ends], wires: [...wires] }
  return firstEntries(withRules(shelf, more), plan, '2026-11-25', () => `first-${String(++made).padStart(4, '0')}`).map(
    (entry, i) => ({ ...entry, seq: i + 1, at: '2026-11-25T08:00:00.000Z', by: 'teodor' }),
  )
}

/** Seven sealed terminations, stripped, their setup released: only the crimps are left. */
export function sevenLeads(more: Partial<HouseRules> = {}) {
  let made = 0
  const newId = () => `watch-${String(++made).padStart(4, '0')}`
  const at = (seq: number) => new Date(Date.parse('2026-11-25T08:00:00Z') + seq * 60_000).toISOString()
  const { folded, entries: before } = workThrough(
    firstEntries(
      withRules(shelf, more),
      { ...emptyPlan, rules: 'of-this-test', ends: [...read.ends], wires: [...read.wires] },
      '2026-11-25',
      newId,
    ),
    {
      newId,
      stamp: (seq) => ({ at: at(seq), by: 'teodor' }),
      until: (state, step) =>
        step.kind === 'crimp' && [...state.terms.values()].filter((term) => term.stripped).length === 7,
    },
  )
  const { state } = folded
  const entries = [...before]
  const [setup = ''] = state.setups.keys()
  const set = state.sets.get('W1/a')
  if (!set) throw new Error('set')
  const put = (said: object) => {
    const seq = state.seq + 1
    const entry = { id: newId(), seq, at: at(seq), by: 'teodor', ...said } as Entry
    const refusal = refusalOf(folded, entry, { at: entry.at, by: entry.by })
    if (!refusal) {
      foldEntry(folded, entry)
      entries.push(entry)
    }
    return refusal
  }
  const looks = looksOf(state, set).map((look) => ({ look, seen: true }))
  const crimp = (wire: number, heightMm?: number) =>
    put({ kind: 'crimped', term: `1/W${wire}/a`, setup, looks, ...(heightMm !== undefined && { heightMm }) })
  return {
    folded,
    state,
    entries,
    setup,
    set,
    looks,
    crimp,
    put,
    piece: () => put({ kind: 'first-piece', setup, wire: 'W1', side: 'a', looks, heightMm: 1.3, pullN: 130 }),
  }
}
