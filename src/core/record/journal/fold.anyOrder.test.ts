import { expect, test } from 'vitest'
import { planIndex, sideOf } from '../plan/plan'
import { nextStep } from '../../views/steps'
import { goOn } from '../../work/rework/rework.testing'
import type { Entry } from './entry'
import { kindOf } from './fold'
import type { Folded } from './folded'
import { isClosed } from '../state/state'
import { SEED, mishaps, starts, upsets, workUpset } from '../../views/mishaps.testing'
import fc from 'fast-check'

/**
 * Whatever comes in between, and in whatever order, a signed harness is right: its record agrees with itself all the way, and
 * nothing that was proved, looked at or counted is older than the last hand on it.
 */

/** Where the record of contacts and that of cavities say different things. */
function disagreements({ state }: Folded): readonly string[] {
  const wrong: string[] = []
  for (const [key, { seat }] of state.terms)
    if (seat && state.cavities.get(`1/${seat.end}.${seat.cavity}`)?.term !== key)
      wrong.push(`${key} in ${seat.end}.${seat.cavity}, which does not hold it`)
  for (const [place, { term: inside, plug }] of state.cavities) {
    const seat = inside === undefined ? undefined : state.terms.get(inside)?.seat
    if (inside !== undefined && (plug !== undefined || `1/${seat?.end ?? ''}.${seat?.cavity ?? ''}` !== place))
      wrong.push(`${place} holds ${inside}, which is not in it`)
  }
  return wrong
}

const isHandOn = (
  entry: Entry,
  side: { readonly end: string; readonly key: string; readonly wire: string },
): boolean => {
  switch (entry.kind) {
    case 'seated':
    case 'extracted':
    case 'seat-faulted':
    case 'crimped':
      return entry.term === side.key
    case 'misplaced':
      return entry.term === side.key || entry.swapped === side.key
    case 'damage-reported':
      return entry.term === side.key || (entry.what === 'wire' && entry.term.split('/')[1] === side.wire)
    case 'wire-scrapped':
      return entry.wire === side.wire
    default:
      return false
  }
}

/** What is older than the last hand on it, in a journal without what was taken back. */
function stale({ state }: Folded, entries: readonly Entry[]): readonly string[] {
  const undone = new Set(entries.flatMap((entry) => (entry.kind === 'taken-back' ? [entry.undoes] : [])))
  const kept = entries.filter((entry) => !undone.has(entry.id) && entry.kind !== 'taken-back')
  const last = (is: (entry: Entry) => boolean) => kept.findLast(is)?.seq ?? 0
  const wrong: string[] = []
  for (const wire of state.plan.wires) {
    const probed = last(
      (entry) => (entry.kind === 'net-probed' && entry.wire === wire.id) || entry.kind === 'harness-analysed',
    )
    for (const side of ['a', 'b'] as const) {
      const place = sideOf(wire, side)
      if (place.kind !== 'cavity') continue
      const ends = { end: place.end, key: `1/${wire.id}/${side}`, wire: wire.id }
      const hand = last((entry) => isHandOn(entry, ends))
      if (probed < hand) wrong.push(`${ends.key} was touched at ${hand}, probed at ${probed}`)
      if (last((entry) => entry.kind === 'end-looked-over' && entry.end === place.end) < hand)
        wrong.push(`${place.end} was looked over before ${ends.key} at ${hand}`)
    }
  }
  const counted = last((entry) => entry.kind === 'tray-counted')
  const worked = last((entry) => kindOf(entry.kind)?.atDesk !== true)
  if (counted < worked) wrong.push(`the tray was counted at ${counted}, worked at ${worked}`)
  for (const [place, { term: inside }] of state.cavities)
    if (inside !== undefined && planIndex(state.plan).byCavity.get(place)?.key !== inside)
      wrong.push(`${inside} stands in ${place}`)
  return wrong
}

test('a harness that is built, or came, is right when it is signed, whatever came in between', () => {
  const seen = new Set<string>()
  fc.assert(
    fc.property(fc.constantFrom(...starts), upsets, (start, those) => {
      const folded = start()
      workUpset(folded, those, (what, admitted) => {
        if (admitted) seen.add(what)
        expect(disagreements(folded), what).toEqual([])
      })
      goOn(folded)
      expect(nextStep(folded.state)).toMatchObject({ kind: 'closed' })
      expect(isClosed(folded.state)).toBe(true)
      expect(disagreements(folded)).toEqual([])
      expect(
        stale(
          folded,
          folded.log.flatMap((one) => (one ? [one.entry] : [])),
        ),
      ).toEqual([])
    }),
    { numRuns: 500, seed: SEED },
  )
  // each of them was admitted at least once, so the property says something about it
  expect(Object.keys(mishaps).filter((what) => !seen.has(what))).toEqual([])
})
