import { constructionOf } from '../../parts/catalogue/constructions'
import type { Contact } from '../../parts/catalogue/types'
import { pullMinimum } from '../crimp/pullMinimum'
import { pullTables, type PullTableId } from '../crimp/pullTables'
import { parseAwg } from '../../base/wire/awg'

export interface RequiredPull {
  readonly forceN: number
  /** the contact's own sheet; a table within its scope; or a table outside of it, a general figure only */
  readonly basis: 'sheet' | 'table' | 'general'
  readonly table?: PullTableId | undefined
}

type PulledWire = { readonly areaMm2: number; readonly awg?: string | undefined }

/** The contact's own sheet: the row of the wire's area, or of the next larger. It comes before any table. */
export function pullFromSheet(contact: Contact, wire: PulledWire): RequiredPull | undefined {
  let own: { readonly areaMm2: number; readonly forceN: number } | undefined
  for (const row of contact.pullMinima)
    if (row.areaMm2 >= wire.areaMm2 - 1e-6 && (!own || row.areaMm2 < own.areaMm2)) own = row
  return own && { forceN: own.forceN, basis: 'sheet' }
}

/**
 * A table's figure, by the printed gauge where the wire has one; undefined outside of it. Whether the table speaks of such a
 * contact is a fact of its construction.
 */
export function pullFromTable(contact: Contact, wire: PulledWire, table: PullTableId): RequiredPull | undefined {
  const awg = wire.awg === undefined ? undefined : parseAwg(wire.awg)
  const minimum = pullMinimum(table, awg === undefined ? { areaMm2: wire.areaMm2 } : { awg })
  if (!minimum.ok) return undefined
  return {
    forceN: minimum.value.forceN,
    basis: constructionOf(contact).pullScopes.includes(pullTables[table].scope) ? 'table' : 'general',
    table,
  }
}

/** Soft copper strands break at about this, N/mm²: what a sound crimp can be asked for at most. */
const STRANDS_N_PER_MM2 = 230

/**
 * What the strands of a wire hold, in whole newtons, where less than what is asked: no crimp on it can reach the minimum.
 * @param metalMm2 metal of the wire, mm²
 */
export function strandsBreakAtN(pull: RequiredPull | undefined, metalMm2: number | undefined): number | undefined {
  if (!pull || metalMm2 === undefined) return undefined
  const holdsN = Math.floor(STRANDS_N_PER_MM2 * metalMm2)
  return holdsN < pull.forceN ? holdsN : undefined
}
