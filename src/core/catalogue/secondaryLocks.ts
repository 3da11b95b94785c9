import type { FamilyInput } from './types'

export type LockId = FamilyInput['lock']

/** The part that keeps all contacts home once they are in. One that will not close means a contact that is not home. */
export interface SecondaryLock {
  readonly id: LockId
  /** is there a lock at all? */
  readonly present: boolean
  /** must stand open while contacts go in or out */
  readonly openToInsert: boolean
  /** a part of its own that is fitted, or a part of the housing that moves */
  readonly part: 'separate' | 'captive'
  /** slides over the wires: must be on them before the first contact */
  readonly threadedFirst: boolean
  /** where hand or tool gets at it */
  readonly access: 'side-slot' | 'rear' | 'front' | 'none'
}

export const secondaryLocks: Readonly<Record<LockId, SecondaryLock>> = {
  none: { id: 'none', present: false, openToInsert: false, part: 'captive', threadedFirst: false, access: 'none' },
  wedge: { id: 'wedge', present: true, openToInsert: true, part: 'separate', threadedFirst: false, access: 'side-slot' },
  'tail-cover': { id: 'tail-cover', present: true, openToInsert: true, part: 'separate', threadedFirst: true, access: 'rear' },
  comb: { id: 'comb', present: true, openToInsert: true, part: 'captive', threadedFirst: false, access: 'side-slot' },
  cap: { id: 'cap', present: true, openToInsert: true, part: 'captive', threadedFirst: false, access: 'front' },
  gate: { id: 'gate', present: true, openToInsert: true, part: 'captive', threadedFirst: false, access: 'rear' },
}
