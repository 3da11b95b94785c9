import type { Tool } from '../../parts/catalogue/types'
import { type ReleaseMechanism, releaseMechanisms } from '../../parts/catalogue/releaseMechanisms'
import { isHeldToBlock } from '../../craft/torque/blockCheck'
import { contactKind } from './contactKind'
import { housingAt } from './benchEnds'
import { rulesOf } from '../rules/rulesOf'
import { termOf } from '../plan/keys'
import type { JobState } from '../state/state'
import type { Tightened } from '../state/records'

/** How the screw of a clamp or the nut of a stud is tightened on a terminal. */
export interface Tightening {
  readonly what: NonNullable<ReleaseMechanism['tightens']>
  /** N·m; hand-tight where no sheet asks a torque */
  readonly torqueNm?: number
  /** whose sheet asks it */
  readonly by?: 'place' | 'terminal'
}

/** What is tightened as a terminal goes into a place; undefined where a contact snaps in. The place's own sheet comes first. */
export function tighteningAt(state: JobState, term: string, end: string, cavity: string): Tightening | undefined {
  const housing = housingAt(state, termOf(term).unit, end)
  const family = housing && state.facts.families[housing.family]
  const what = family && releaseMechanisms[family.release].tightens
  if (!what) return undefined
  const sizeId = housing.cavities.find((one) => one.id === cavity)?.size
  const ofPlace = family.sizes.find(({ id }) => id === sizeId)?.fixing?.torqueNm
  const kind = contactKind(state, term)
  const ofTerminal = kind && 'torqueNm' in kind ? kind.torqueNm : undefined
  if (ofPlace !== undefined) return { what, torqueNm: ofPlace, by: 'place' }
  return ofTerminal === undefined ? { what } : { what, torqueNm: ofTerminal, by: 'terminal' }
}

/** Why that is not enough, or nothing. */
export function tighteningRefusal(state: JobState, asked: Tightening, said: Tightened | undefined) {
  const { what, torqueNm } = asked
  if (!said) return { kind: 'not-tightened', what } as const
  if (said.askedNm !== undefined && said.askedNm !== torqueNm)
    return {
      kind: 'torque-not-asked',
      saidNm: said.askedNm,
      ...(torqueNm !== undefined && { askedNm: torqueNm }),
    } as const
  if (torqueNm === undefined) return undefined
  if (said.setNm === undefined)
    return rulesOf(state).handTightening === 'forbidden'
      ? ({ kind: 'torque-missing', askedNm: torqueNm } as const)
      : undefined
  return isHeldToBlock(torqueNm, said.setNm)
    ? undefined
    : ({ kind: 'torque-off', askedNm: torqueNm, setNm: said.setNm } as const)
}

/** Drivers of the crib that can be set to a torque: those made for the smaller range first, since they are set finest there. */
export const driversFor = (tools: Iterable<Tool>, torqueNm: number): readonly Tool[] =>
  [...tools]
    .filter(({ torque }) => torque !== undefined && torqueNm >= torque.minNm && torqueNm <= torque.maxNm)
    .sort((a, b) => (a.torque?.maxNm ?? 0) - (b.torque?.maxNm ?? 0) || (a.id < b.id ? -1 : 1))
