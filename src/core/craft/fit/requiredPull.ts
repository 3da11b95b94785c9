import type { Contact } from '../../parts/catalogue/types'
import { pullMinimum } from '../crimp/pullMinimum'
import { pullTables, type PullTableId } from '../crimp/pullTables'
import { parseAwg } from '../../base/wire/awg'

export interface RequiredPull {
  readonly forceN: number
  /** the contact's own sheet; a table within its scope; or a table outside of it, a general figure only */
  readonly basis: 'sheet' | 'table' | 'general'
  readonly table?: PullTableId
}

type PulledWire = { readonly areaMm2: number; readonly awg?: string | undefined }

/** The contact's own sheet: the row of the wire's area, or of the next larger. It comes before any table. */
export function pullFromSheet(contact: Contact, wire: PulledWire): RequiredPull | undefined {
  let own: { readonly areaMm2: number; readonly forceN: number } | undefined
  for (const row of contact.pullMinima)
    if (row.areaMm2 >= wire.areaMm2 - 1e-6 && (!own || row.areaMm2 < own.areaMm2)) own = row
  return own && { forceN: own.forceN, basis: 'sheet' }
}

/** A table's figure, by the printed gauge where the wire has one; undefined outside of it. */
export function pullFromTable(wire: PulledWire, table: PullTableId): RequiredPull | undefined {
  const awg = wire.awg === undefined ? undefined : parseAwg(wire.awg)
  const minimum = pullMinimum(table, awg === undefined ? { areaMm2: wire.areaMm2 } : { awg })
  if (!minimum.ok) return undefined
  return {
    forceN: minimum.value.forceN,
    basis: pullTables[table].scope === 'crimped-connections' ? 'table' : 'general',
    table,
  }
}
