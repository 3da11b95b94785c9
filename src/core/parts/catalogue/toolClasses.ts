import type { Tool } from './types'

export type ToolClass = Tool['class']

/** A crimp frame's class: which figures it is set by, and what else must be seen when it is mounted. */
export interface ToolClassKind {
  readonly id: ToolClass
  readonly crimps: boolean
  /** calibrated frames come before those that rest on the hand's skill */
  readonly calibrated: boolean
  /** how it is proved that it still does what it was verified for */
  readonly provedBy: ProofId | undefined
  /** the figures of a setup that are mounted or dialled on it, in the order in which the hand does it */
  readonly setBy: readonly ('die' | 'positioner' | 'turret' | 'selector' | 'nest' | 'wireStopMm')[]
}

/** Routines that prove a tool: with go and no-go of its gauge, by a piece that is measured, or against a block of known size. */
export const proofs = {
  'go-no-go': ['released', 'go', 'no-go'],
  'reference-piece': ['clean', 'piece-crimped', 'piece-measured'],
  block: ['clean', 'block-read'],
} as const
export type ProofId = keyof typeof proofs
export type ProofLine = (typeof proofs)[ProofId][number]

const kind = (
  id: ToolClass,
  crimps: boolean,
  calibrated: boolean,
  provedBy: ProofId | undefined,
  setBy: ToolClassKind['setBy'],
): ToolClassKind => ({ id, crimps, calibrated, provedBy, setBy })

export const toolClasses: Readonly<Record<ToolClass, ToolClassKind>> = {
  'four-indent-positioned': kind('four-indent-positioned', true, true, 'go-no-go', [
    'positioner',
    'turret',
    'selector',
  ]),
  'four-indent-plain': kind('four-indent-plain', true, false, 'go-no-go', ['selector']),
  'parallel-die': kind('parallel-die', true, true, 'reference-piece', ['die', 'wireStopMm']),
  'nest-ratchet': kind('nest-ratchet', true, false, 'reference-piece', ['nest']),
  'notch-pliers': kind('notch-pliers', true, false, undefined, ['nest']),
  'plain-pliers': kind('plain-pliers', true, false, undefined, []),
  'ferrule-square': kind('ferrule-square', true, true, 'reference-piece', []),
  'sleeve-nest': kind('sleeve-nest', true, true, 'reference-piece', ['nest']),
  stripper: kind('stripper', false, false, undefined, []),
  release: kind('release', false, false, undefined, []),
  gauge: kind('gauge', false, false, 'block', []),
  'torque-cable': kind('torque-cable', false, false, 'block', []),
}
