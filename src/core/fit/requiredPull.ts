import type { Contact } from '../catalogue/types'
import { pullMinimum } from '../crimp/pullMinimum'
import { pullTables, type PullTableId } from '../crimp/pullTables'
import { parseAwg } from '../wire/awg'

export interface RequiredPull {
  readonly forceN: number
  /** the contact's own sheet; a table within its scope; or a table outside of it, a general figure only */
  readonly basis: 'sheet' | 'table' | 'general'
  readonly table?: PullTableId
}

/**
 * The pull that a crimp must hold. The contact's own sheet comes first, with the row of the wire's area or the next larger;
 * then the table of the house rules.
 * @returns undefined when neither says anything of this wire
 */
export function requiredPull(contact: Contact, wire: { readonly areaMm2: number; readonly awg?: string | undefined }, table: PullTableId): RequiredPull | undefined {
  const own = contact.pullMinima.filter((row) => row.areaMm2 >= wire.areaMm2 - 1e-6).sort((a, b) => a.areaMm2 - b.areaMm2)[0]
  if (own) return { forceN: own.forceN, basis: 'sheet' }
  const awg = wire.awg === undefined ? undefined : parseAwg(wire.awg)
  const minimum = pullMinimum(table, awg === undefined ? { areaMm2: wire.areaMm2 } : { awg })
  if (!minimum.ok) return undefined
  return { forceN: minimum.value.forceN, basis: pullTables[table].scope === 'crimped-connections' ? 'table' : 'general', table }
}
