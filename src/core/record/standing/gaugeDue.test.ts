import { expect, test } from 'vitest'
import { foldEntry } from '../journal/fold'
import { leadsUnder, refusedNow } from './crimpRules.testing'
import { gaugeDue } from './gaugeDue'
import { looksOf } from './looksOf'

const dayOf = (at: string) => at.slice(0, 10)
const today = '2026-11-25T09:00:00.000Z'
const tomorrow = '2026-11-26T07:00:00.000Z'

/** A lead whose first frame has a gauge of its own, up to its first piece. */
const atFirstPiece = (gaugeEachShift: boolean) =>
  leadsUnder({ gaugeEachShift, overdueTools: 'warn' }, (_, step) => step.kind === 'first-piece', {
    from: 'RK-20P',
    to: 'RK-20R',
    cavities: ['A', 'B'],
  })

test('a frame with a gauge of its own waits for it each day, where the house rules say so', () => {
  const folded = atFirstPiece(true)
  expect(gaugeDue(folded.state, 'QF-5', dayOf(today), dayOf)).toMatchObject({ gauge: { id: 'GG-5' }, selector: 4 })
  expect(gaugeDue(atFirstPiece(false).state, 'QF-5', dayOf(today), dayOf)).toBeUndefined()
  expect(gaugeDue(folded.state, 'PF-10', dayOf(today), dayOf)).toBeUndefined()

  const [setup, { setup: figures } = { setup: undefined }] = [...folded.state.setups][0] ?? []
  const wire = folded.state.plan.wires[0]?.id ?? ''
  const set = folded.state.sets.get(`${wire}/a`)
  if (!setup || !figures || !set) throw new Error('nothing is mounted')
  const piece = {
    kind: 'first-piece' as const,
    setup,
    wire,
    side: 'a' as const,
    looks: looksOf(folded.state, set).map((look) => ({ look, seen: true })),
    pullN: 200,
  }
  expect(refusedNow(folded, piece, today)).toEqual({ kind: 'gauge-due', tool: 'QF-5', gauge: 'GG-5' })

  foldEntry(folded, {
    kind: 'tool-verified',
    id: 'gauged-00001',
    tool: 'QF-5',
    gauge: 'GG-5',
    selector: 4,
    goEnters: true,
    noGoStops: true,
    seq: folded.state.seq + 1,
    at: today,
    by: 'ansa',
  })
  expect(gaugeDue(folded.state, 'QF-5', dayOf(today), dayOf)).toBeUndefined()
  expect(refusedNow(folded, piece, today)).toBeUndefined()
  // a new day, a new gauge
  expect(gaugeDue(folded.state, 'QF-5', dayOf(tomorrow), dayOf)).toMatchObject({ tool: 'QF-5' })
})
