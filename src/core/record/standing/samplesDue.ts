import { rulesOf } from '../rules/rulesOf'
import { derivedOf } from '../state/derivedOf'
import type { JobState } from '../state/state'

export interface SamplesDue {
  /** the next crimp is measured */
  readonly height: boolean
  /** before the next crimp a piece is pulled to destruction */
  readonly pull: boolean
  /** crimps until the next height and the next pull, where the rules ask for any */
  readonly heightIn?: number
  readonly pullIn?: number
}

const none: SamplesDue = { height: false, pull: false }

/** What the house rules ask of the next crimp of a setup: one height and one pull in so many, counted since its release. */
export const samplesDue = derivedOf(makeDue)

function makeDue(state: JobState, setupId: string): SamplesDue {
  const { heightEvery, pullEvery } = rulesOf(state)
  if (heightEvery === 0 && pullEvery === 0) return none
  const setup = state.setups.get(setupId)
  const released = setup?.released
  if (!released) return none
  const pulledAt = setup.samples.findLast((sample) => sample.at >= released.at)?.at ?? released.at
  let sincePull = 0
  let count = 0
  let measured = 0
  const crimps = [...state.terms.values()]
    .flatMap(({ crimp }) => (crimp?.setup === setupId && crimp.at >= released.at ? [crimp] : []))
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
  for (const crimp of crimps) {
    count++
    if (crimp.heightMm !== undefined) measured = count
    if (crimp.at > pulledAt) sincePull++
  }
  const heightIn = heightEvery === 0 ? undefined : Math.max(1, heightEvery - (count - measured))
  const pullIn = pullEvery === 0 ? undefined : Math.max(0, pullEvery - sincePull)
  return {
    height: heightIn === 1,
    pull: pullIn === 0,
    ...(heightIn !== undefined && { heightIn }),
    ...(pullIn !== undefined && { pullIn }),
  }
}
