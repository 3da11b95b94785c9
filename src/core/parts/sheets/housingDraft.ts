import type { NumberingId } from '../../base/face/numbering'
import type { Securing } from '../catalogue/securings'
import type { SecondLock } from '../catalogue/types'
import type { SheetRow } from './sheet'

/** A housing while it is built: every field as it is written, every table as rows of cells. */
export interface HousingDraft {
  readonly id: string
  readonly name: string
  readonly role: 'plug' | 'receptacle'
  readonly arrangement: 'rows' | 'rings' | 'free'
  /** rows from the top, rings from the centre, or cavities one by one */
  readonly cavities: readonly SheetRow[]
  /** from row to row, where no row says how far from the middle it stands */
  readonly rowPitchMm: string
  readonly startDeg: string
  readonly clockwise: boolean
  /** cavities that have another size than their row */
  readonly oddSizes: readonly SheetRow[]
  readonly ids: 'numbers' | 'letters' | 'list'
  readonly order: NumberingId
  readonly first: string
  /** letters that are left out */
  readonly skip: string
  readonly markKind: 'chamfer' | 'notch' | 'key' | 'rib'
  /** left empty, at the top left */
  readonly markXMm: string
  readonly markYMm: string
  readonly shape: 'rounded' | 'circle'
  readonly widthMm: string
  readonly heightMm: string
  readonly cornerMm: string
  readonly keys: readonly SheetRow[]
  /** contact size of what says none of its own */
  readonly size: string
  readonly keyings: readonly string[]
  /** part number of its lock */
  readonly lock: string
  readonly secondLock: SecondLockDraft
  readonly interfaceSeal: string
  readonly mates: readonly string[]
  /** what its sheet asks of what makes its shell fast; empty: it does not say */
  readonly secures: SecuresDraft
  /** cavities that are joined inside: those of one bar with spaces, bars apart by semicolons */
  readonly joined: string
  /** clips, caps, backshells and what else belongs to it */
  readonly parts: readonly string[]
}

/** Torque in N·m, a wire's or cable's pull in N, as it is written. */
export type SecuresDraft = Readonly<Record<Securing, string>>
export const noSecures: SecuresDraft = { backshell: '', 'jam-nut': '', 'safety-wire': '', 'safety-cable': '' }

/** What its own sheet says of its lock, as it is written; empty is as the kind has it. */
export type SecondLockDraft = Readonly<Record<keyof SecondLock, string>>

export const noSecondLock: SecondLockDraft = {
  kind: '',
  madeAs: '',
  access: '',
  way: '',
  leads: '',
  partWayMm: '',
  homeMm: '',
  moves: '',
  whileInserting: '',
  out: '',
  tool: '',
  toolEnd: '',
  opensMm: '',
  opensFirst: '',
  opensAt: '',
  byTurnsMm: '',
  tears: '',
}

export const emptyHousing: HousingDraft = {
  id: '',
  name: '',
  role: 'plug',
  arrangement: 'rows',
  cavities: [{ ways: '2', pitchMm: '4' }],
  rowPitchMm: '4',
  startDeg: '90',
  clockwise: true,
  oddSizes: [],
  ids: 'numbers',
  order: 'same-side',
  first: '1',
  skip: '',
  markKind: 'notch',
  markXMm: '',
  markYMm: '',
  shape: 'rounded',
  widthMm: '',
  heightMm: '',
  cornerMm: '1',
  keys: [],
  size: '',
  keyings: [],
  lock: '',
  secondLock: noSecondLock,
  interfaceSeal: '',
  mates: [],
  secures: noSecures,
  joined: '',
  parts: [],
}
