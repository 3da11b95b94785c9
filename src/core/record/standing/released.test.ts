import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { type HouseRules, houseRules } from '../../parts/rules/houseRules'
import { pinoutOf } from '../plan/pinoutOf.testing'
import { emptyPlan } from '../plan/plan'
import { firstEntries, planChangeEntries } from '../../work/kit/firstEntries'
import { noFacts } from '../plan/facts'
import { testPieces } from '../../work/kit/testPieces'
import { refusalOf } from '../../work/left/refusalOf'
import { setupQueue } from '../../views/queue'
import { nextStep } from '../../views/steps'
import { entriesFor, stripsAhead, workThrough } from '../../views/workThrough.testing'
import type { Entry } from '../journal/entry'
import { foldEntry } from '../journal/fold'
import { looksOf } from './looksOf'
import { releaseStanding } from './releaseStanding'

const shelf = demoShelf()

/** Sealed leads that differ over their insulation alone, cut and with one stripped of each, before the first piece. */
function leads(insulationsMm: readonly number[], more: Partial<HouseRules> = {}) {
  const rows = insulationsMm.map((_, i) => `W${String(i + 1)},TW-1.0,RD,A,${String(i + 1)},SW-7P,,,400`)
  const read = pinoutOf(
    `wire,type,colour,from end,from cavity,from housing,to end,to cavity,length\n${rows.join('\n')}`,
  )
  const rules = { ...houseRules['sheet-strict'], ...more, id: 'of-this-test' }
  const wires = read.wires.map((wire, i) => ({ ...wire, insulationMm: insulationsMm[i] ?? 2 }))
  let made = 0
  const newId = () => `lead-${String(++made).padStart(4, '0')}`
  const at = (seq: number) => new Date(Date.parse('2026-11-25T08:00:00Z') + seq * 60_000).toISOString()
  const { folded } = workThrough(
    firstEntries(
      { ...shelf, rules: new Map([...shelf.rules, [rules.id, rules]]) },
      { ...emptyPlan, rules: rules.id, ends: [...read.ends], wires },
      '2026-11-25',
      newId,
    ),
    {
      newId,
      stamp: (seq) => ({ at: at(seq), by: 'teodor' }),
      stepOf: stripsAhead,
      until: (_state, step) => step.kind === 'first-piece' || step.kind === 'release',
    },
  )
  const { state } = folded
  const [setup = ''] = state.setups.keys()
  const set = state.sets.get('W1/a')
  if (!set) throw new Error('set')
  const looks = looksOf(state, set).map((look) => ({ look, seen: true }))
  const put = (said: object) => {
    const seq = state.seq + 1
    const entry = { id: newId(), seq, at: at(seq), by: 'teodor', ...said } as Entry
    const refusal = refusalOf(folded, entry, { at: entry.at, by: entry.by })
    if (!refusal) foldEntry(folded, entry)
    return refusal
  }
  return {
    state,
    setup,
    put,
    piece: (wire: number, showed: object = { heightMm: 1.31, pullN: 120 }) =>
      put({ kind: 'first-piece', setup, wire: `W${String(wire)}`, side: 'a', looks, ...showed }),
    release: () => put({ kind: 'setup-released', setup }),
    prepare: (wire: number) =>
      entriesFor(state, { station: 'prep', kind: 'strip', term: `1/W${String(wire)}/a`, left: 1 }, newId).map(put),
    crimp: (wire: number) => put({ kind: 'crimped', term: `1/W${String(wire)}/a`, setup, looks }),
    waitsFor: (wire: number) => {
      const group = setupQueue(state).find((one) => one.id === setup)
      const item = group?.items.find((one) => one.termination.wire.id === `W${String(wire)}`)
      return item && group?.release.waits.get(item.pair)
    },
  }
}

test('the thinnest and the thickest insulation release what lies between; one of them releases its own', () => {
  const bench = leads([1.9, 2.1, 2.3])
  expect(testPieces(bench.state).firstPieces.get(bench.setup)).toBe(2)
  expect(nextStep(bench.state)).toMatchObject({ kind: 'first-piece', term: '1/W1/a', left: 2 })
  expect(bench.waitsFor(2)).toEqual({ for: 'piece', term: '1/W3/a' })
  bench.piece(1)
  expect(bench.waitsFor(1)).toEqual({ for: 'release' })
  expect(bench.release()).toBeUndefined()
  expect(bench.crimp(1)).toBeUndefined()
  for (const wire of [2, 3]) {
    bench.prepare(wire)
  }
  // released, but not for these
  expect(bench.crimp(2)).toEqual({ kind: 'not-covered', setup: bench.setup, term: '1/W2/a' })
  expect(bench.release()).toEqual({ kind: 'not-yet', what: 'first-piece', left: 1 })
  expect(nextStep(bench.state)).toMatchObject({ kind: 'first-piece', term: '1/W3/a' })
  bench.piece(3)
  expect(bench.crimp(2)).toMatchObject({ kind: 'not-covered' })
  expect(bench.release()).toBeUndefined()
  expect([bench.crimp(2), bench.crimp(3)]).toEqual([undefined, undefined])
  expect(bench.release()).toEqual({ kind: 'already', what: 'released' })
})

test('off its frame nothing counts as shown: the setup card says the pieces that its next mounting wants', () => {
  const bench = leads([1.9, 2.3])
  bench.piece(1)
  expect(releaseStanding(bench.state, bench.setup).pieces).toHaveLength(1)
  const tool = bench.state.setups.get(bench.setup)?.setup.tool ?? ''
  bench.state.tools.set(tool, { setup: 'another', since: 99, by: 'teodor' })
  expect(releaseStanding(bench.state, bench.setup).pieces).toHaveLength(2)
})

test('a piece that is not good ends the release, and what was shown before it counts no more', () => {
  const bench = leads([1.9, 2.3])
  bench.piece(1)
  bench.release()
  bench.piece(2, { heightMm: 1.31, pullN: 20 })
  expect(bench.state.setups.get(bench.setup)).toMatchObject({ ended: { why: 'piece-failed', by: 'teodor' } })
  expect(bench.crimp(1)).toEqual({ kind: 'not-yet', what: 'released' })
  expect(releaseStanding(bench.state, bench.setup).pieces).toHaveLength(2)
})

test('pulled by hand it has no figure: these rules refuse it, or it stands for its own alone', () => {
  const strict = leads([1.9, 2.3])
  expect(strict.piece(1, { heightMm: 1.31, byHand: 'held' })).toEqual({ kind: 'pull-by-hand' })
  expect(strict.piece(1, { heightMm: 1.31 })).toEqual({ kind: 'pull-missing' })
  // what came off is not good anywhere, and is written down
  expect(strict.piece(1, { heightMm: 1.31, byHand: 'came-off' })).toBeUndefined()
  expect(strict.release()).toMatchObject({ kind: 'not-yet', left: 2 })

  const field = leads([1.9, 2.1, 2.3], { releasePull: 'by-hand' })
  expect(testPieces(field.state).firstPieces.get(field.setup)).toBe(3)
  expect(field.piece(1, { heightMm: 1.31, byHand: 'held' })).toBeUndefined()
  expect(field.piece(1, { byHand: 'held' })).toEqual({ kind: 'height-missing' })
  expect(field.piece(3, { heightMm: 1.31, byHand: 'held' })).toBeUndefined()
  expect(field.waitsFor(2)).toEqual({ for: 'piece', term: '1/W2/a' })
  expect(field.release()).toBeUndefined()
  expect(field.state.setups.get(field.setup)?.released).not.toHaveProperty('pullN')
  expect(field.state.setups.get(field.setup)?.pieces[0]).toMatchObject({ byHand: 'held', good: true })

  // a bench that has a tester after all needs fewer, once its pieces have figures
  const tester = leads([1.9, 2.1, 2.3], { releasePull: 'by-hand' })
  tester.piece(1)
  expect(releaseStanding(tester.state, tester.setup).pieces.map((piece) => piece.term)).toEqual(['1/W3/a'])
})

test('where the rules ask for no height, a piece without one stands for its own window alone', () => {
  const bench = leads([1.9, 2.3], { releaseHeight: 'not-asked' })
  expect(bench.piece(1, { pullN: 120 })).toBeUndefined()
  expect(bench.waitsFor(1)).toEqual({ for: 'release' })
  expect(bench.waitsFor(2)).toMatchObject({ for: 'piece' })
  // what is measured all the same is judged
  expect(bench.piece(2, { pullN: 120, heightMm: 1.5 })).toBeUndefined()
  expect(bench.state.setups.get(bench.setup)?.pieces.map((piece) => piece.good)).toEqual([true, false])
})

test('where the rules ask for no first piece, the setup is released as it is mounted', () => {
  const bench = leads([1.9, 2.3], { firstPieces: 0 })
  expect(nextStep(bench.state)).toMatchObject({ kind: 'release' })
  expect(bench.release()).toBeUndefined()
  expect(bench.release()).toEqual({ kind: 'already', what: 'released' })
  bench.prepare(1)
  expect(bench.crimp(1)).toBeUndefined()
})

test('the three schools release by different things', () => {
  const of = (id: keyof typeof houseRules) => [houseRules[id].releasePull, houseRules[id].releaseHeight]
  expect(of('sheet-strict')).toEqual(['figure', 'measured'])
  expect(of('field-repair')).toEqual(['by-hand', 'measured'])
  expect(of('hobby-bench')).toEqual(['by-hand', 'not-asked'])
})

test('other house rules hold for what was shown before them too, and what nobody has begun is chosen again', () => {
  const bench = leads([1.9, 2.3], { releasePull: 'by-hand' })
  bench.piece(1, { heightMm: 1.31, byHand: 'held' })
  bench.release()
  const strict = houseRules['sheet-strict']
  const changed = {
    kind: 'plan-changed',
    change: { meta: { rules: strict.id } },
    facts: { ...noFacts, rules: { [strict.id]: strict } },
    judgeAgain: true,
  }
  expect(bench.put(changed)).toBeUndefined()
  // stripped by the set that it has: that one stays
  expect([...bench.state.sets.keys()]).toEqual(['W1/a'])
  expect(bench.crimp(1)).toMatchObject({ kind: 'not-covered' })
  bench.piece(1)
  expect(bench.release()).toBeUndefined()
  expect(bench.crimp(1)).toBeUndefined()
})

test('a change of the rules judges every set that rests on no work: what they forbid is blocked, and says so', () => {
  const bench = leads([1.9], { stripCounts: 'house-rules' })
  const [entry, ...more] = planChangeEntries(
    shelf,
    bench.state,
    { meta: { rules: 'hobby-bench' } },
    '2026-11-25',
    () => 'x',
  )
  expect(entry).toMatchObject({ kind: 'plan-changed', judgeAgain: true })
  expect(more).toEqual([])
  const untouched = planChangeEntries(shelf, bench.state, { meta: { title: 'other' } }, '2026-11-25', () => 'x')
  expect(untouched[0]).not.toHaveProperty('judgeAgain')
})
