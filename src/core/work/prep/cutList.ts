import type { CutPlan, CutRequest } from '../../craft/cut/cutTypes'
import { derivedOf } from '../../record/state/derivedOf'
import type { JobState } from '../../record/state/state'
import { type Wire, planIndex } from '../../record/plan/plan'
import { cutLengthMm } from '../../record/standing/slack'
import { wireKey } from '../../record/plan/keys'

/** A wire of one unit that is still to be cut. */
export interface CutPiece {
  readonly unit: number
  readonly wire: Wire
  readonly lengthMm: number
}

/** All wires of one type that are still to be cut, the longest first. */
export interface CutBatch {
  readonly type: string
  readonly pieces: readonly CutPiece[]
  readonly totalMm: number
  /** wires of this type in the job, those that are cut too */
  readonly all: number
}

/** What is still to be cut, by wire type: a batch is cut before the next spool is taken. */
export function cutBatches(state: JobState): readonly CutBatch[] {
  const batches = new Map<string, { pieces: CutPiece[]; all: number }>()
  const { wires } = planIndex(state.plan)
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    for (const wire of wires.values()) {
      const batch = batches.get(wire.type) ?? { pieces: [], all: 0 }
      batches.set(wire.type, batch)
      batch.all++
      if (!state.cuts.has(wireKey(unit, wire.id))) batch.pieces.push({ unit, wire, lengthMm: cutLengthMm(state, wire) })
    }
  }
  return [...batches]
    .map(([type, { pieces, all }]) => ({
      type,
      all,
      pieces: pieces.sort((a, b) => b.lengthMm - a.lengthMm || a.unit - b.unit || (a.wire.id < b.wire.id ? -1 : 1)),
      totalMm: pieces.reduce((sum, piece) => sum + piece.lengthMm, 0),
    }))
    .sort((a, b) => (a.type < b.type ? -1 : 1))
}

/** How many wires are still to be cut. */
export const cutsLeft = derivedOf(({ plan, cuts }): number => {
  const cut = new Set(cuts.keys())
  let left = 0
  for (let unit = 1; unit <= plan.quantity; unit++)
    for (const { id } of plan.wires) if (!cut.has(wireKey(unit, id))) left++
  return left
})

const lengthId = (lengthMm: number) => String(lengthMm)

/** The question for the cut plan: like lengths are one. */
export function cutRequest(batch: CutBatch, spools: CutRequest['spools']): CutRequest {
  const counts = new Map<number, number>()
  for (const { lengthMm } of batch.pieces) counts.set(lengthMm, (counts.get(lengthMm) ?? 0) + 1)
  return { spools, cuts: [...counts].map(([lengthMm, count]) => ({ id: lengthId(lengthMm), lengthMm, count })) }
}

/** What is cut from one spool, in the order in which the hand measures: the longest first. */
export interface SpoolCuts {
  readonly spool: string
  readonly pieces: readonly CutPiece[]
  readonly leftMm: number
}

/** The plan with its pieces by name: which wire of which unit comes off which spool, and what no spool has length for. */
export function namePieces(
  batch: CutBatch,
  plan: CutPlan,
): { readonly spools: readonly SpoolCuts[]; readonly short: readonly CutPiece[] } {
  const waiting = new Map<string, CutPiece[]>()
  for (const piece of batch.pieces) {
    const id = lengthId(piece.lengthMm)
    const list = waiting.get(id) ?? []
    list.push(piece)
    waiting.set(id, list)
  }
  const take = (id: string, count: number) => waiting.get(id)?.splice(0, count) ?? []
  const spools = plan.assign.map(({ spool, cuts, leftMm }) => ({
    spool,
    leftMm,
    pieces: cuts.flatMap(({ id, count }) => take(id, count)).sort((a, b) => b.lengthMm - a.lengthMm),
  }))
  return { spools, short: [...waiting.values()].flat() }
}
