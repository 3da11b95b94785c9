import { newtons } from './figures'
import type { RequiredPull } from '@/core/craft/fit/requiredPull'
import type { PullTableId } from '@/core/craft/crimp/pullTables'

const tables: Readonly<Record<PullTableId, { readonly name: string; readonly edition: string }>> = {
  'iec-60352-2': { name: 'IEC 60352-2', edition: 'edition 2' },
  'ul-486a': { name: 'UL 486A', edition: 'as it stood before UL 486A-486B' },
  as7928: { name: 'AS7928', edition: 'as first issued' },
}

/** A table of pull minima as a person looks for it. */
export const pullTableName = (id: PullTableId): string => tables[id].name
export const pullTableWords = (id: PullTableId): string => `${tables[id].name}, ${tables[id].edition}`

/** Where the pull that is asked comes from. */
export function pullBasisWords({ basis, table }: RequiredPull): string {
  if (basis === 'sheet' || table === undefined) return 'the contact’s own sheet'
  return basis === 'table'
    ? `${pullTableWords(table)}; check against your own copy`
    : `a general figure of ${pullTableWords(table)}, which is not about such contacts; there is no sheet`
}

/** A minimum that no crimp on this wire can reach, and the way out. */
export const outOfReachWords = (askedN: number, strandsHoldN: number): string =>
  `The strands of this wire break at about ${newtons(strandsHoldN)} (an estimate): ${newtons(askedN)} is out of reach for any crimp on it. Take the contact’s own sheet, another table in the house rules, or a thicker wire.`
