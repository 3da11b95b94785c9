import { hundredth } from '@/core/base/units/tenth'
import { wireKey } from '@/core/record/plan/keys'
import type { Termination } from '@/core/record/plan/plan'
import { cutLengthMm } from '@/core/record/standing/slack'
import type { StripForm } from '@/core/craft/strip/stripForm'
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

/**
 * What the piece in hand says: stripped as it was measured, else as the stop stands, with what it cost.
 * @param count so many are prepared together with it, itself included
 */
export function strippedEntry(
  term: string,
  thread: readonly ThreadItem[],
  form: StripForm,
  { stripMm, lost }: { readonly stripMm: number | undefined; readonly lost: number },
  stopMm: number,
  count: number,
): Said {
  return {
    kind: 'stripped',
    term,
    stripMm: hundredth(stripMm ?? stopMm),
    lengthFrom: stripMm === undefined ? 'stop' : 'measured',
    threaded: thread.map((item) => item.code),
    strandsLost: lost,
    ...(form.practices.length > 0 && { practices: [...form.practices] }),
    ...(form.usedMm > 0 && { usedMm: form.usedMm }),
    ...(count > 1 && { together: count }),
  }
}
