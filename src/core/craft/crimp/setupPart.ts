import type { CauseCode } from './looks'

/** What is set again on the bench when a crimp came out wrong: which part of the setup, and whether the crimp itself changes. */
export const setupPartIds = [
  'strip-stop',
  'wire-stop',
  'notch',
  'positioner',
  'selector',
  'die',
  'nest',
  'locator',
  'frame',
] as const
export type SetupPart = (typeof setupPartIds)[number]

export interface SetupPartKind {
  readonly id: SetupPart
  /** a figure in mm goes with it */
  readonly figure: boolean
  /** the next crimp is another one: the setup needs a new first piece */
  readonly endsRelease: boolean
}

const part = (id: SetupPart, figure: boolean, endsRelease: boolean): SetupPartKind => ({ id, figure, endsRelease })

export const setupParts: Readonly<Record<SetupPart, SetupPartKind>> = {
  'strip-stop': part('strip-stop', true, false),
  'wire-stop': part('wire-stop', true, true),
  // how much larger is for the stripper to say: its openings are not pinned with a job
  notch: part('notch', false, false),
  positioner: part('positioner', false, true),
  selector: part('selector', false, true),
  die: part('die', false, true),
  nest: part('nest', false, true),
  locator: part('locator', false, true),
  frame: part('frame', false, true),
}

/** Causes that lie in how something is set. What hands did needs no change of the setup. */
export const partOfCause: Readonly<Partial<Record<CauseCode, SetupPart>>> = {
  'strip-short': 'strip-stop',
  'strip-long': 'strip-stop',
  'pushed-too-deep': 'wire-stop',
  'notch-small': 'notch',
  'positioner-wrong': 'positioner',
  'selector-high': 'selector',
  'selector-low': 'selector',
  'die-wrong': 'die',
  'die-reversed': 'die',
  'tool-worn': 'frame',
  'tool-jammed': 'frame',
  'locator-off': 'locator',
}

/** Why a release ends though nothing in the setup's figures has changed. */
export const releaseEndings = ['die', 'spool', 'shift', 'knocked', 'adjuster', 'other'] as const
export type ReleaseEnding = (typeof releaseEndings)[number]
