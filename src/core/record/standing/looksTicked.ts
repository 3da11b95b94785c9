import { rulesOf } from '../rules/rulesOf'
import { derivedOf } from '../state/derivedOf'
import type { JobState } from '../state/state'

/** How the looks of the next crimp of a setup are ticked. */
export type LooksTicked =
  /** one by one: it is the so-manieth crimp of this setting, and the house rules want it so */
  | { readonly kind: 'singly'; readonly nth: number }
  /** they may be answered at once, beside their pictures; the next that is ticked one by one is so many crimps away */
  | { readonly kind: 'together'; readonly singlyIn?: number }

/** The first crimps of a setting are looked at one look after another, later ones now and then, as the house rules say. */
export const looksTicked = derivedOf(makeTicked)

/**
 * How the looks of a first piece, and those at a tool that is mounted, are ticked: they come before any crimp of the setting, and
 * are answered at once only where the house rules want nothing one by one.
 */
export function firstLooksTicked(state: JobState): LooksTicked {
  const { singlyFirst, singlyEvery } = rulesOf(state)
  return singlyFirst === 0 && singlyEvery !== 1 ? { kind: 'together' } : { kind: 'singly', nth: 1 }
}

function makeTicked(state: JobState, setupId: string): LooksTicked {
  const { singlyFirst, singlyEvery } = rulesOf(state)
  const mounted = state.setups.get(setupId)?.mounted
  const since = state.setups.get(setupId)?.released?.at ?? ''
  let made = 0
  if (mounted !== undefined)
    for (const { crimp } of state.terms.values()) if (crimp?.setup === setupId && crimp.at >= since) made++
  const nth = made + 1
  if (nth <= singlyFirst || (singlyEvery > 0 && nth % singlyEvery === 0)) return { kind: 'singly', nth }
  return { kind: 'together', ...(singlyEvery > 0 && { singlyIn: singlyEvery - (nth % singlyEvery) }) }
}
