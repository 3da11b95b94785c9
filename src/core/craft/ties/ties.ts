import { fail, ok, type Result } from '../../base/result'

/** Where no tie may be: a branch's root, a label, a grommet. */
export interface KeepOut {
  readonly fromMm: number
  readonly toMm: number
}

export interface TiesWanted {
  /** from the rear of one connector to the other's, or to a branch */
  readonly lengthMm: number
  readonly firstOffsetMm: number
  /** the largest that two ties may be apart */
  readonly pitchMm: number
  readonly keepOut: readonly KeepOut[]
}

export interface Ties {
  readonly positionsMm: readonly number[]
  /** as they would lie without anything to keep out of */
  readonly pitchMm: number
}

export interface NoPlace {
  readonly kind: 'no-place'
  /** between these there would be one, or the whole stretch is too short for its offsets */
  readonly fromMm: number
  readonly toMm: number
}

/** A tie stands so far from the edge of what it keeps out of. */
const BESIDE_MM = 1
const SAME_MM = 1e-6

/** What is kept out of, in order, what overlaps or leaves no room for a tie between as one. */
function merged(keepOut: readonly KeepOut[]): readonly KeepOut[] {
  const all: KeepOut[] = []
  for (const one of [...keepOut].sort((a, b) => a.fromMm - b.fromMm)) {
    const last = all.at(-1)
    if (last && one.fromMm - last.toMm < 2 * BESIDE_MM - SAME_MM)
      all[all.length - 1] = { fromMm: last.fromMm, toMm: Math.max(last.toMm, one.toMm) }
    else all.push(one)
  }
  return all
}

/**
 * Ties along a bundle: the first and the last at the offset from either end, the others evenly between, none where it may not be.
 * One that would lie there moves to the nearer edge; where that leaves a gap above the pitch, one more is added.
 *
 * @returns positions from the beginning, mm, rising; or where there is no place for one that must be
 */
export function ties({ lengthMm, firstOffsetMm, pitchMm, keepOut }: TiesWanted): Result<Ties, NoPlace> {
  const usableMm = lengthMm - 2 * firstOffsetMm
  if (usableMm < -SAME_MM) return fail({ kind: 'no-place', fromMm: 0, toMm: lengthMm })
  const spans = Math.max(0, Math.ceil(usableMm / pitchMm - SAME_MM))
  const evenMm = spans === 0 ? 0 : usableMm / spans
  const [first, last] = [firstOffsetMm, lengthMm - firstOffsetMm]
  const closed = merged(keepOut)
  const placed: number[] = []
  for (let i = 0; i <= spans; i++) {
    const at = movedOut(firstOffsetMm + i * evenMm, closed, first, last)
    if (at === undefined) return fail({ kind: 'no-place', ...blockAt(firstOffsetMm + i * evenMm, closed) })
    placed.push(at)
  }
  const filled = withoutWideGaps(rising(placed), pitchMm, closed, first, last)
  return filled.ok ? ok({ positionsMm: filled.value, pitchMm: evenMm }) : filled
}

const rising = (positions: readonly number[]): readonly number[] =>
  [...positions].sort((a, b) => a - b).filter((at, i, all) => i === 0 || at - (all[i - 1] ?? 0) > SAME_MM)

const blockAt = (at: number, closed: readonly KeepOut[]): KeepOut =>
  closed.find(({ fromMm, toMm }) => at >= fromMm - SAME_MM && at <= toMm + SAME_MM) ?? { fromMm: at, toMm: at }

/** The place itself, or the nearer edge of what it lies in; the farther one where the nearer is too near an end. */
function movedOut(at: number, closed: readonly KeepOut[], first: number, last: number): number | undefined {
  const block = closed.find(({ fromMm, toMm }) => at >= fromMm - SAME_MM && at <= toMm + SAME_MM)
  if (!block) return at
  const [before, after] = [block.fromMm - BESIDE_MM, block.toMm + BESIDE_MM]
  const byNearness = at - before <= after - at ? [before, after] : [after, before]
  return byNearness.find((edge) => edge >= first - SAME_MM && edge <= last + SAME_MM)
}

/** Adds ties where a gap is above the pitch, as near to its middle as there is a place. */
function withoutWideGaps(
  positions: readonly number[],
  pitchMm: number,
  closed: readonly KeepOut[],
  first: number,
  last: number,
): Result<readonly number[], NoPlace> {
  const all = [...positions]
  for (let i = 0; i + 1 < all.length;) {
    const [from, to] = [all[i] ?? 0, all[i + 1] ?? 0]
    if (to - from <= pitchMm + SAME_MM) {
      i++
      continue
    }
    // the next one may be a whole pitch on; what must be added is spread over the gap
    const spans = Math.ceil((to - from) / pitchMm - SAME_MM)
    const wanted = from + (to - from) / spans
    const at = [wanted, ...edgesNear(wanted, closed)].find(
      (place) =>
        place > from + SAME_MM &&
        place < to - SAME_MM &&
        place - from <= pitchMm + SAME_MM &&
        place >= first &&
        place <= last &&
        !closed.some(({ fromMm, toMm }) => place >= fromMm - SAME_MM && place <= toMm + SAME_MM),
    )
    if (at === undefined) return fail({ kind: 'no-place', fromMm: from, toMm: to })
    all.splice(i + 1, 0, at)
  }
  return ok(all)
}

const edgesNear = (at: number, closed: readonly KeepOut[]): readonly number[] =>
  closed
    .flatMap(({ fromMm, toMm }) => [fromMm - BESIDE_MM, toMm + BESIDE_MM])
    .sort((a, b) => Math.abs(a - at) - Math.abs(b - at))
