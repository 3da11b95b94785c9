import type { Tool } from './types'

export type ToolClass = Tool['class']

/** A crimp frame's class: which figures it is set by, and what else must be seen when it is mounted. */
export interface ToolClassKind {
  readonly id: ToolClass
  readonly crimps: boolean
  /** calibrated frames come before those that rest on the hand's skill */
  readonly calibrated: boolean
  /** the figures of a setup that are mounted or dialled on it, in the order in which the hand does it */
  readonly setBy: readonly ('die' | 'positioner' | 'turret' | 'selector' | 'nest' | 'wireStopMm')[]
}

const kind = (id: ToolClass, crimps: boolean, calibrated: boolean, setBy: ToolClassKind['setBy']): ToolClassKind => ({
  id,
  crimps,
  calibrated,
  setBy,
})

export const toolClasses: Readonly<Record<ToolClass, ToolClassKind>> = {
  'four-indent-positioned': kind('four-indent-positioned', true, true, ['positioner', 'turret', 'selector']),
  'four-indent-plain': kind('four-indent-plain', true, false, ['selector']),
  'parallel-die': kind('parallel-die', true, true, ['die', 'wireStopMm']),
  'nest-ratchet': kind('nest-ratchet', true, false, ['nest']),
  'notch-pliers': kind('notch-pliers', true, false, ['nest']),
  'plain-pliers': kind('plain-pliers', true, false, []),
  'ferrule-square': kind('ferrule-square', true, true, []),
  'sleeve-nest': kind('sleeve-nest', true, true, ['nest']),
  stripper: kind('stripper', false, false, []),
  release: kind('release', false, false, []),
  gauge: kind('gauge', false, false, []),
}
