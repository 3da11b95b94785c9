import { exactCuts } from './exactCuts'
import { fillSpools } from './fillSpools'
import type { CutPlan, CutPlanFault, CutRequest, CutUnits, Filling } from './cutTypes'
import { fail, ok, type Result } from '../../base/result'

/** Pieces up to which every assignment is looked at. */
const EXACT_PIECES = 12

/**
 * Which pieces are cut from which spool of one wire type: fewest missing pieces, then fewest spools opened, then the longest
 * single left-over.
 *
 * Few pieces are searched through. Many are packed: the largest spools are taken, since whatever fits into others fits into
 * them; all but the last are filled as full as a sum of pieces can be, so that what is left over comes together on one.
 * @returns the plan with the bound that no plan can pass, or what is wrong with the request
 */
export function cutPlan(request: CutRequest): Result<CutPlan, CutPlanFault> {
  const fault = requestFault(request)
  if (fault) return fail(fault)
  const units = toUnits(request)
  const pieces = units.pieces.reduce((sum, piece) => sum + piece.count, 0)
  const exact = pieces <= EXACT_PIECES ? exactCuts(units) : undefined
  return ok(fromUnits(request, units, exact ?? fillSpools(units)))
}

function requestFault({ spools, cuts, kerfMm = 0 }: CutRequest): CutPlanFault | undefined {
  const twice = (ids: readonly string[]) => ids.find((id, i) => ids.indexOf(id) !== i)
  const spool = twice(spools.map((one) => one.id))
  if (spool !== undefined) return { kind: 'spool-twice', id: spool }
  const cut = twice(cuts.map((one) => one.id))
  if (cut !== undefined) return { kind: 'cut-twice', id: cut }
  return kerfMm < 0 ? { kind: 'kerf-below-nought', kerfMm } : undefined
}

/** Steps that the longest spool may have: the sums are worked out step by step. */
const STEPS_AT_MOST = 2_000_000

/**
 * Whole steps of a tenth of a millimetre, or of whatever larger step all lengths share; of a coarser one for spools of many
 * kilometres. Pieces are rounded up, spools down: nothing comes out too short.
 */
function toUnits({ spools, cuts, kerfMm = 0 }: CutRequest): CutUnits {
  const tenths = {
    spools: spools.map((spool) => Math.floor(spool.lengthMm * 10 + 1e-6)),
    pieces: cuts.map((cut) => Math.ceil((cut.lengthMm + kerfMm) * 10 - 1e-6)),
  }
  const shared = Math.max(1, [...tenths.spools, ...tenths.pieces].reduce(gcd, 0))
  const step = shared * Math.max(1, Math.ceil(Math.max(0, ...tenths.spools) / shared / STEPS_AT_MOST))
  return {
    stepMm: step / 10,
    spools: tenths.spools.map((length) => Math.floor(length / step)),
    pieces: tenths.pieces.map((length, i) => ({ length: Math.ceil(length / step), count: cuts[i]?.count ?? 0 })),
  }
}

function gcd(a: number, b: number): number {
  return b === 0 ? a : gcd(b, a % b)
}

function fromUnits({ spools, cuts }: CutRequest, units: CutUnits, filling: Filling): CutPlan {
  const shortest = Math.min(...cuts.filter((cut) => cut.count > 0).map((cut) => cut.lengthMm))
  const mm = (steps: number) => Math.round(steps * units.stepMm * 10) / 10
  const assign = filling.spools.flatMap((counts, s) => {
    const spool = spools[s]
    const from = counts.flatMap((count, c) => (count > 0 && cuts[c] ? [{ id: cuts[c].id, count }] : []))
    if (!spool || from.length === 0) return []
    const used = counts.reduce((sum, count, c) => sum + count * (units.pieces[c]?.length ?? 0), 0)
    return [{ spool: spool.id, cuts: from, leftMm: mm((units.spools[s] ?? 0) - used) }]
  })
  const short = filling.missing.flatMap((count, c) => (count > 0 && cuts[c] ? [{ id: cuts[c].id, count }] : []))
  return {
    assign,
    short,
    spoolsOpened: assign.length,
    bound: filling.bound,
    proven: filling.proven,
    wasteMm: Math.round(assign.reduce((sum, one) => sum + (one.leftMm < shortest ? one.leftMm : 0), 0) * 10) / 10,
    longestLeftMm: Math.max(0, ...assign.map((one) => one.leftMm)),
  }
}
