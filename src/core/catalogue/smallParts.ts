import type { SmallPart } from './types'

export type SmallPartKindId = SmallPart['kind']

/** What a small part is to a half of a connector: whether it must be on the wires before the first contact, and where it is fitted. */
export interface SmallPartKind {
  readonly id: SmallPartKindId
  /** slides over the wires: threaded before termination */
  readonly threadedFirst: boolean
}

const kind = (id: SmallPartKindId, threadedFirst = false): SmallPartKind => ({ id, threadedFirst })

export const smallPartKinds: Readonly<Record<SmallPartKindId, SmallPartKind>> = {
  'cavity-plug': kind('cavity-plug'),
  lock: kind('lock'),
  'interface-seal': kind('interface-seal'),
  'mat-seal': kind('mat-seal'),
  cap: kind('cap'),
  comb: kind('comb'),
  backshell: kind('backshell', true),
  'strain-relief': kind('strain-relief', true),
  clip: kind('clip'),
  'jam-nut': kind('jam-nut'),
  label: kind('label'),
}
