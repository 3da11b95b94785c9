import type { LackId } from '@/core/parts/sheets/familyLacks'
import type { SheetName } from '@/core/parts/sheets/familyDraft'
import type { FamilyFault } from '@/core/parts/sheets/readFamily'

/** The steps on the way from a data sheet to a family, in the order in which a sheet is read. */
export const stepIds = ['kind', 'housings', 'sizes', 'contacts', 'small', 'locks', 'settings'] as const
export type StepId = (typeof stepIds)[number]

const stepOfSheet: Readonly<Record<SheetName, StepId>> = {
  sizes: 'sizes',
  contacts: 'contacts',
  terminals: 'contacts',
  pulls: 'contacts',
  seals: 'small',
  parts: 'small',
  placard: 'settings',
}

/** Where what a job could not do yet is said. */
export const stepOfLack: Readonly<Record<LackId, StepId>> = {
  draw: 'housings',
  mate: 'housings',
  bore: 'sizes',
  fit: 'contacts',
  seal: 'small',
  plug: 'sizes',
  shut: 'locks',
  strip: 'settings',
  crimp: 'settings',
  tool: 'settings',
}

const ofLock = new Set<string>([
  'partWayMm',
  'homeMm',
  'opensMm',
  'byTurnsMm',
  'opensFirst',
  'opensAt',
  'tears',
  'tool',
  'toolEnd',
  'leads',
  'secondLock',
])

/** The step at which a fault is mended. */
export const stepOfFault = (fault: FamilyFault): StepId =>
  fault.at === 'head'
    ? 'kind'
    : fault.at === 'sheet'
      ? stepOfSheet[fault.sheet]
      : fault.at === 'housing' && ofLock.has(fault.field)
        ? 'locks'
        : 'housings'
