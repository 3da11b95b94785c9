import type { SmallPart } from './types'

export type SmallPartKindId = SmallPart['kind']

/** What a kind of small part asks of the hand. */
export interface SmallPartKind {
  readonly id: SmallPartKindId
  /** it slides over the wires: on them before the first contact */
  readonly threadedFirst: boolean
}

const kind = (id: SmallPartKindId, threadedFirst = false): SmallPartKind => ({ id, threadedFirst })

export const smallPartKinds: Readonly<Record<SmallPartKindId, SmallPartKind>> = {
  'cavity-plug': kind('cavity-plug'),
  lock: kind('lock'),
  'interface-seal': kind('interface-seal'),
  'mat-seal': kind('mat-seal'),
  cap: kind('cap'),
  comb: kind('comb', true),
  backshell: kind('backshell', true),
  'strain-relief': kind('strain-relief', true),
  clip: kind('clip'),
  'jam-nut': kind('jam-nut'),
  label: kind('label'),
}
