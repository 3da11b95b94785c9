import fc from 'fast-check'
import { expect, test } from 'vitest'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { cutPlan } from '../../craft/cut/cutPlan'
import { cutBatches, cutRequest, cutsLeft, namePieces, type CutBatch } from './cutList'
import { cutLengthMm } from '../../record/standing/slack'

test('what is cut already is not on the list; what is left is as long as the rules want it', () => {
  const { state, put } = sevenLeads()
  expect(cutBatches(state)).toMatchObject([{ type: 'TW-1.0', pieces: [], all: 7 }])
  expect(cutsLeft(state)).toBe(0)
  put({ kind: 'wire-scrapped', unit: 1, wire: 'W3', why: 'nicked half way' })
  const wire = state.plan.wires[2]
  if (!wire) throw new Error('wire')
  expect(cutBatches(state)).toMatchObject([
    { pieces: [{ unit: 1, lengthMm: cutLengthMm(state, wire) }], totalMm: cutLengthMm(state, wire) },
  ])
  expect(cutsLeft(state)).toBe(1)
})

const wire = sevenLeads().state.plan.wires[0]
if (!wire) throw new Error('wire')
const batchOf = (lengths: readonly number[]): CutBatch => ({
  type: 'TW-1.0',
  all: lengths.length,
  totalMm: lengths.reduce((sum, one) => sum + one, 0),
  pieces: [...lengths].sort((a, b) => b - a).map((lengthMm, i) => ({ unit: i + 1, wire, lengthMm })),
})

test('by hand: three pieces from an off-cut and a spool, the rest is short', () => {
  const batch = batchOf([400, 400, 900, 1500])
  const plan = cutPlan(
    cutRequest(batch, [
      { id: 'OC-1', lengthMm: 850 },
      { id: 'SP-1', lengthMm: 1000 },
    ]),
  )
  if (!plan.ok) throw new Error('plan')
  const named = namePieces(batch, plan.value)
  expect(named.spools.map((one) => [one.spool, one.pieces.map((piece) => piece.lengthMm), one.leftMm])).toEqual([
    ['OC-1', [400, 400], 50],
    ['SP-1', [900], 100],
  ])
  expect(named.short.map((piece) => piece.lengthMm)).toEqual([1500])
})

test('each piece is on one spool or short, and no spool gives more than it has', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 100, max: 900 }), { maxLength: 25 }),
      fc.array(fc.integer({ min: 50, max: 4000 }), { maxLength: 6 }),
      (lengths, stock) => {
        const batch = batchOf(lengths)
        const spools = stock.map((lengthMm, i) => ({ id: `S${String(i)}`, lengthMm }))
        const plan = cutPlan(cutRequest(batch, spools))
        if (!plan.ok) throw new Error('plan')
        const named = namePieces(batch, plan.value)
        expect(
          [...named.spools.flatMap((one) => one.pieces), ...named.short]
            .map((piece) => piece.unit)
            .sort((a, b) => a - b),
        ).toEqual(batch.pieces.map((piece) => piece.unit).sort((a, b) => a - b))
        for (const one of named.spools)
          expect(one.pieces.reduce((sum, piece) => sum + piece.lengthMm, 0) + one.leftMm).toBeLessThanOrEqual(
            (spools.find((spool) => spool.id === one.spool)?.lengthMm ?? 0) + 1e-6,
          )
      },
    ),
    { numRuns: 60 },
  )
})
