import type { ResistanceVerdict } from '../../craft/resistance/netResistance'
import { unitAndId } from '../../record/plan/keys'
import type { JobState } from '../../record/state/state'
import { netVerdicts } from './netVerdict'

/** Does a reading say that a net, or its contacts alone, is too high? */
export const readsHigh = ({ verdict, contacts }: ResistanceVerdict): boolean =>
  verdict === 'high' || contacts?.verdict === 'high'

/** How many measurements of a unit there are to explain: nets that do not ring as planned or read too high, pairs that ring. */
export const failures = (state: JobState, unit: number): number =>
  netVerdicts(state, unit).filter(
    ({ probe, resistance }) => probe?.result === 'fail' || (resistance !== undefined && readsHigh(resistance)),
  ).length + [...state.apart].filter(([key, { result }]) => unitAndId(key).unit === unit && result === 'fail').length
