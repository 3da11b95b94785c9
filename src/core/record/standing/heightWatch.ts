import { groupBy } from '../../base/collections'
import { crimpClass } from '../../craft/setup/crimpPair'
import { setKey } from '../plan/keys'
import { planIndex } from '../plan/plan'
import { rulesOf } from '../rules/rulesOf'
import { derivedOf } from '../state/derivedOf'
import { type JobState, termState } from '../state/state'
import { ofAllBlocks, sidesOfBlock } from '../state/wireBlocks'
import { begunAt } from './begunAt'
import { pairOf } from './pairOf'
import { strayTerms } from './strayTerms'
import { type Signal, signals } from '../../base/stats/signals'

/** A height that was measured on a crimp of a setup, in the order in which they were made. */
export interface HeightReading {
  readonly term: string
  readonly at: string
  readonly heightMm: number
}

/** Heights that were measured since a setup was last released, of crimps that were scrapped afterwards too. */
export const heightReadings = derivedOf((state, setupId: string): readonly HeightReading[] => {
  const released = state.setups.get(setupId)?.released
  if (!released) return []
  const all = [...ofAllBlocks(state, heightsOfBlock), ...strayTerms(state).flatMap((term) => heightsOf(state, term))]
  const begun = begunAt(state)
  return all
    .filter(({ setup, at }) => setup === setupId && at >= released.at)
    .map(({ term, at, heightMm }) => ({ term, at, heightMm }))
    .sort((a, b) =>
      a.at < b.at ? -1 : a.at > b.at ? 1 : (begun.get(a.term) ?? Infinity) - (begun.get(b.term) ?? Infinity),
    )
})

const heightsOf = (state: JobState, term: string) =>
  (termState(state, term).heights ?? []).map((height) => ({ ...height, term }))

const heightsOfBlock = derivedOf((state, unit: number, block: number) =>
  sidesOfBlock(state, unit, block).flatMap(({ key }) => heightsOf(state, key)),
)

export interface HeightDrift {
  readonly signal: Signal
  /** the crimp at which it was seen; it is good itself, the next may not be */
  readonly reading: HeightReading
  /** so many in a row */
  readonly points: number
}

/** A trend needs no limits: it is seen while every height is still inside the sheet's own. */
const noLimits = { centre: 0, ucl: Infinity, lcl: -Infinity }

/**
 * Heights that rise or fall in a row: the die, its seat or the frame is going. The line stops before a part is out, until the
 * setup has been looked at and has made a new first piece.
 */
export const heightDrift = derivedOf((state, setupId: string): HeightDrift | undefined => {
  const points = rulesOf(state).trendPoints
  const { byKey } = planIndex(state.plan)
  // another contact or conductor in the same setting has another height: only like crimps can drift
  const classOf = ({ term }: HeightReading) => {
    const termination = byKey.get(term)
    const set = termination && state.sets.get(setKey(termination.wire.id, termination.side))
    return set ? crimpClass(pairOf(state.facts, termination, set)) : ''
  }
  const drifts = [...groupBy(heightReadings(state, setupId), classOf).values()].flatMap((readings): HeightDrift[] => {
    const signal = signals(
      readings.map((one) => one.heightMm),
      noLimits,
      points,
    ).find((one) => one.rule === 'trend')
    const reading = signal && readings[signal.at]
    return reading ? [{ signal, reading, points }] : []
  })
  return drifts.sort((a, b) => (a.reading.at < b.reading.at ? -1 : 1))[0]
})
