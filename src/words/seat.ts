import type { LockId } from '@/core/catalogue/secondaryLocks'
import type { ReleaseMechanism, ReleaseStep } from '@/core/catalogue/releaseMechanisms'

export const lockWords: Readonly<Record<LockId, { readonly name: string; readonly close: string }>> = {
  none: { name: 'no lock', close: '' },
  wedge: { name: 'wedge', close: 'Slide the wedge in from the side until it is flush' },
  'tail-cover': { name: 'tail cover', close: 'Slide the tail cover home until both ears click' },
  comb: { name: 'comb', close: 'Press the comb down, level' },
  cap: { name: 'cap', close: 'Close the cap, both sides' },
  gate: { name: 'gate', close: 'Close the gate' },
}

export const releaseStepWords: Readonly<Record<ReleaseStep, string>> = {
  'open-lock': 'Open the lock',
  'push-wire-in': 'Push the wire in, to unload the lock',
  'move-finger': 'From the mating face: push the finger aside with a thin blade',
  'pull-wire': 'Draw the wire out at the rear',
  'tube-over-barbs': 'From the mating face: tube over the contact until both barbs are in',
  'spread-barbs': 'Spread the barbs again before it goes back',
  'press-lance': 'Press the lance through its window with a blunt blade',
  'raise-lance': 'Spring the lance up again',
  'sleeve-on-wire': 'Slit sleeve of the wire’s size, along the wire until it stops',
  'pull-wire-and-sleeve': 'Pull wire and sleeve together, straight',
  'pick-at-wall': 'Pick between tang and wall, push through',
  'lift-mat': 'Lift the mat',
  'ease-back': 'Ease the wire back',
  'look-at-finger': 'See that the finger is whole',
}

export const releaseToolWords: Readonly<Record<ReleaseMechanism['tool'], string>> = {
  'thin-blade': 'thin blade',
  tube: 'release tube',
  'blunt-blade': 'fine blunt blade',
  'slit-sleeve': 'slit sleeve',
  pick: 'pick',
  none: 'no tool',
}
