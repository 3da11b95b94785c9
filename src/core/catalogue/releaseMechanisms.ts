import type { FamilyInput } from './types'

export type ReleaseId = FamilyInput['release']

/** How a contact is held and how it is let go. Each mechanism says what a screen, a plan and a drill need to know of it. */
export interface ReleaseMechanism {
  readonly id: ReleaseId
  /** the face from which the hand or the tool comes */
  readonly from: 'wire' | 'mating' | 'side'
  readonly tool: 'thin-blade' | 'tube' | 'blunt-blade' | 'slit-sleeve' | 'pick' | 'none'
  /** when a tug says something: before that the contact slides out again, as it should */
  readonly tugMeans: 'after-click' | 'after-lock'
  /** in order; words for each stand with the steps */
  readonly before: readonly ReleaseStep[]
  readonly act: readonly ReleaseStep[]
  /** what to put right before the contact is used again */
  readonly restore: readonly ReleaseStep[]
}

export type ReleaseStep =
  | 'open-lock' | 'push-wire-in' | 'move-finger' | 'pull-wire' | 'tube-over-barbs' | 'spread-barbs' | 'press-lance' | 'raise-lance'
  | 'sleeve-on-wire' | 'pull-wire-and-sleeve' | 'pick-at-wall' | 'lift-mat' | 'ease-back' | 'look-at-finger'

export const releaseMechanisms: Readonly<Record<ReleaseId, ReleaseMechanism>> = {
  finger: {
    id: 'finger', from: 'mating', tool: 'thin-blade', tugMeans: 'after-click',
    before: ['open-lock', 'push-wire-in'], act: ['move-finger', 'pull-wire'], restore: ['look-at-finger'],
  },
  barbs: {
    id: 'barbs', from: 'mating', tool: 'tube', tugMeans: 'after-click',
    before: ['open-lock'], act: ['tube-over-barbs', 'push-wire-in', 'pull-wire'], restore: ['spread-barbs'],
  },
  'window-lance': {
    id: 'window-lance', from: 'side', tool: 'blunt-blade', tugMeans: 'after-click',
    before: ['push-wire-in'], act: ['press-lance', 'ease-back'], restore: ['raise-lance'],
  },
  'rear-sleeve': {
    id: 'rear-sleeve', from: 'wire', tool: 'slit-sleeve', tugMeans: 'after-click',
    before: ['push-wire-in'], act: ['sleeve-on-wire', 'pull-wire-and-sleeve'], restore: [],
  },
  'side-tang': {
    id: 'side-tang', from: 'mating', tool: 'pick', tugMeans: 'after-click',
    before: ['open-lock', 'push-wire-in'], act: ['pick-at-wall', 'ease-back'], restore: ['raise-lance'],
  },
  neck: {
    id: 'neck', from: 'wire', tool: 'none', tugMeans: 'after-click',
    before: ['open-lock', 'lift-mat'], act: ['ease-back'], restore: [],
  },
  none: { id: 'none', from: 'wire', tool: 'none', tugMeans: 'after-click', before: [], act: [], restore: [] },
  comb: {
    id: 'comb', from: 'wire', tool: 'none', tugMeans: 'after-lock',
    before: ['open-lock'], act: ['ease-back'], restore: [],
  },
}
