import { emptyPlan, type Plan, type Wire } from '../../src/core/record/plan/plan'
import type { NewEntry } from '../../src/core/record/journal/entry'
import { firstEntries } from '../../src/core/work/kit/firstEntries'
import { workThrough } from '../../src/core/views/workThrough.testing'
import { demoShelf } from '../../src/core/parts/catalogue/demoShelf.testing'

const stamp = { at: '2026-11-25T09:00:00.000Z', by: 'teodor' }

/** A harness of many wires between pairs of Celadon M-10 plugs. */
export function largePlan(wires: number): Plan {
  const ends: Plan['ends'] = []
  const list: Wire[] = []
  for (let i = 0; list.length < wires; i++) {
    const [a, b] = [`A${i + 1}`, `B${i + 1}`]
    ends.push({ id: a, housing: 'CM-10P' }, { id: b, housing: 'CM-10P' })
    for (let cavity = 1; cavity <= 10 && list.length < wires; cavity++) {
      const id = `W${String(list.length + 1).padStart(4, '0')}`
      const place = String(cavity)
      list.push({
        id,
        type: cavity % 3 === 0 ? 'TW-1.0' : 'TW-0.5',
        colour: 'WH/BU',
        from: { kind: 'cavity', end: a, cavity: place },
        to: { kind: 'cavity', end: b, cavity: place },
        lengthMm: 1200,
        signal: `line ${list.length + 1}`,
      })
    }
  }
  return { ...emptyPlan, title: `${wires} wires`, ends, wires: list }
}

/** A job of many wires whose journal has at least so many entries: stripped and crimped, the rest cut back and stripped again. */
export function largeJournal(wires: number, atLeast: number): readonly (NewEntry & typeof stamp & { seq: number })[] {
  let made = 0
  const newId = () => `bench-${String(++made).padStart(6, '0')}`
  // probing and the crimps of the second half are left, so that every station has something to show
  const { entries, folded } = workThrough(firstEntries(demoShelf(), largePlan(wires), '2026-11-25', newId), {
    newId,
    stamp: () => stamp,
    until: (state) => state.seq >= Math.min(atLeast, wires * 3),
  })
  const all: (NewEntry & typeof stamp & { seq: number })[] = [...entries] as never
  const open = [...folded.state.terms]
    .filter(([, term]) => term.stripped && !term.crimp)
    .map(([key, term]) => ({ key, stripped: term.stripped }))
  for (let i = 0; all.length < atLeast; i++) {
    const one = open[i % Math.max(1, open.length)]
    const seq = all.length + 1
    if (!one?.stripped) all.push({ id: newId(), kind: 'noted', text: `note ${seq}`, ...stamp, seq })
    else if (Math.floor(i / open.length) % 2 === 0)
      all.push({ id: newId(), kind: 'strip-mended', term: one.key, how: 'cut-back', byMm: 8, ...stamp, seq })
    else
      all.push({
        id: newId(),
        kind: 'stripped',
        term: one.key,
        stripMm: one.stripped.stripMm,
        threaded: [...one.stripped.threaded],
        strandsLost: 0,
        ...stamp,
        seq,
      })
  }
  return all
}
