import type { SetupPart } from '../../craft/crimp/setupPart'
import { sharesPart } from '../../craft/setup/sharesPart'
import type { Setup } from '../../craft/setup/setup'
import { derivedOf } from '../state/derivedOf'
import { type JobState, termState } from '../state/state'
import { ofAllBlocks, sidesOfBlock } from '../state/wireBlocks'
import { asBegun } from './begunAt'
import { strayTerms } from './strayTerms'

/** A cause that lies in a tool: in which part of it, as it was set up, and when it was found. */
export interface ToolFinding {
  readonly setup: Setup
  readonly part: SetupPart
  /** the last good check of that part anywhere, where another job has one */
  readonly since?: string | undefined
  readonly until: string
}

/** The setups of a job that were made with the part in which a cause lies. */
export const setupsSharing = (state: Pick<JobState, 'setups'>, { setup, part }: ToolFinding): readonly string[] =>
  [...state.setups].flatMap(([id, one]) => (sharesPart(one.setup, setup, part) ? [id] : []))

/** When a part of a tool was last seen to be good in this job: a good first piece, or a good sample. */
export function lastGoodCheck(state: Pick<JobState, 'setups'>, finding: ToolFinding): string | undefined {
  const checks = setupsSharing(state, finding).flatMap((id) => {
    const setup = state.setups.get(id)
    return [...(setup?.pieces ?? []), ...(setup?.samples ?? [])].filter((one) => one.good && one.at <= finding.until)
  })
  return checks.reduce<string | undefined>((last, { at }) => (last !== undefined && last > at ? last : at), undefined)
}

/** Terminations that were crimped with the part since its last good check, until the cause was found. */
export function suspectTerms(state: Pick<JobState, 'setups' | 'terms'>, finding: ToolFinding): readonly string[] {
  const setups = new Set(setupsSharing(state, finding))
  const own = lastGoodCheck(state, finding) ?? ''
  const since = finding.since !== undefined && finding.since > own ? finding.since : own
  return [...state.terms].flatMap(([key, { crimp }]) =>
    crimp && setups.has(crimp.setup) && crimp.at > since && crimp.at <= finding.until ? [key] : [],
  )
}

const isSuspect = (state: JobState, key: string): boolean => {
  const { suspect, crimp } = termState(state, key)
  return suspect !== undefined && crimp !== undefined
}

const suspectsOfBlock = derivedOf((state, unit: number, block: number) =>
  sidesOfBlock(state, unit, block).flatMap(({ key }) => (isSuspect(state, key) ? [key] : [])),
)

/** Terminations that are suspect now, in the order in which work on them began. */
export const suspects = derivedOf((state): readonly string[] =>
  asBegun(state, [...ofAllBlocks(state, suspectsOfBlock), ...strayTerms(state).filter((key) => isSuspect(state, key))]),
)
