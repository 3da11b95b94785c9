import type { Movement } from '../../craft/wiggle/movements'
import { termKey } from '../../record/plan/keys'
import { type SideLetter, type Wire, sideOf } from '../../record/plan/plan'
import type { JobState } from '../../record/state/state'
import type { MovedEvent } from '../../record/state/proofRecords'
import { type NetVerdict, netVerdicts } from './netVerdict'

/** A place of a wire that is moved by itself, to find where it is. */
export interface MovePlace {
  readonly term: string
  readonly side: SideLetter
  readonly during: Exclude<Movement, 'all'>
  /** the stretch of wire that is moved, from the contact */
  readonly fromMm: number
  readonly toMm: number
}

/** Bent so far behind the seal or the boot, mm. */
const BENT_MM = 30

/** The places of a wire, one after the other: pushed back and bent at both ends, then each half of it. */
export function movePlaces(unit: number, wire: Wire): readonly MovePlace[] {
  const sides = (['a', 'b'] as const).filter((side) => sideOf(wire, side).kind !== 'open')
  const half = wire.lengthMm / 2
  return sides.flatMap((side): MovePlace[] => {
    const term = termKey(unit, wire.id, side)
    return [
      { term, side, during: 'push-back', fromMm: 0, toMm: 0 },
      { term, side, during: 'bend', fromMm: 0, toMm: Math.min(BENT_MM, half) },
      { term, side, during: 'leg', fromMm: Math.min(BENT_MM, half), toMm: half },
    ]
  })
}

/** As it is said to a stand-in: `1/W3/b bend`. */
export const placeKey = ({ term, during }: Pick<MovePlace, 'term' | 'during'>): string => `${term} ${during}`

/** Wires by what speaks against them: most interruptions first, then the longest of them, then what reads highest for what it is. */
export function worstFirst(
  state: JobState,
  unit: number,
  events: readonly Pick<MovedEvent, 'wire' | 'lengthMs'>[],
): readonly NetVerdict[] {
  const counted = new Map<string, { count: number; longestMs: number }>()
  for (const { wire, lengthMs } of events) {
    const before = counted.get(wire) ?? { count: 0, longestMs: 0 }
    counted.set(wire, { count: before.count + 1, longestMs: Math.max(before.longestMs, lengthMs ?? 0) })
  }
  const share = ({ resistance }: NetVerdict) => (resistance?.netOhm ?? 0) / (resistance?.windowOhm[1] ?? 1)
  const of = ({ wire }: NetVerdict) => counted.get(wire.id) ?? { count: 0, longestMs: 0 }
  return [...netVerdicts(state, unit)].sort(
    (a, b) => of(b).count - of(a).count || of(b).longestMs - of(a).longestMs || share(b) - share(a),
  )
}

/** The place at which most interruptions of a wire were seen; undefined while none was seen at one alone. */
export function likelyPlace(
  events: readonly { readonly wire: string; readonly during: string; readonly term?: string | undefined }[],
  wire: string,
): { readonly term: string; readonly during: string; readonly count: number } | undefined {
  const counts = new Map<string, { term: string; during: string; count: number }>()
  for (const { wire: of, during, term } of events) {
    if (of !== wire || term === undefined || during === 'all') continue
    const key = `${term} ${during}`
    const before = counts.get(key)
    counts.set(key, { term, during, count: (before?.count ?? 0) + 1 })
  }
  return [...counts.values()].sort((a, b) => b.count - a.count)[0]
}
