import { hundredth } from '@/core/base/units/tenth'
import { wireKey } from '@/core/record/plan/keys'
import type { Termination } from '@/core/record/plan/plan'
import { cutLengthMm } from '@/core/record/standing/slack'
import type { ThreadItem } from '@/core/record/standing/threadFirst'
import type { JobState } from '@/core/record/state/state'
import type { Said } from '@/ui/job/journalClient'

/**
 * What another piece of a set says in the record: cut where it was not, and stripped as the stop stands.
 * @param set all pieces that are prepared together
 */
export function preparedEntries(
  state: JobState,
  one: Termination,
  thread: readonly ThreadItem[],
  stopMm: number,
  set: readonly Termination[],
): readonly Said[] {
  const { unit, wire, key } = one
  const isFirstOfWire = set.find((other) => other.unit === unit && other.wire === wire) === one
  const isCut = state.cuts.has(wireKey(unit, wire.id)) || !isFirstOfWire
  return [
    ...(isCut ? [] : [{ kind: 'wire-cut' as const, unit, wire: wire.id, lengthMm: cutLengthMm(state, wire) }]),
    {
      kind: 'stripped',
      term: key,
      stripMm: hundredth(stopMm),
      lengthFrom: 'stop',
      threaded: thread.map((item) => item.code),
      strandsLost: 0,
      together: set.length,
    },
  ]
}
