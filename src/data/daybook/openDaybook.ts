import { randomUUID } from 'node:crypto'
import { existsSync } from 'node:fs'
import type { PGlite } from '@electric-sql/pglite'
import { DaybookWriter, type DaybookRead, daybookPath, putAside, readDaybook } from './daybookFile'
import { DAYBOOK_KEY, keepPlace } from './keptClient'

export interface OpenedDaybook {
  readonly id: string
  readonly book: DaybookWriter
  /** transactions that the database had lost and has again */
  readonly replayed: number
  /** what somebody should know of it */
  readonly remarks: readonly string[]
}

/** The place in the daybook that a database knows of. */
async function placeOf(client: PGlite): Promise<{ readonly id: string; readonly n: number } | undefined> {
  const { rows } = await client.query<{ value: string }>('select value from meta where key = $1', [DAYBOOK_KEY])
  const [id, n] = rows[0]?.value.split(' ') ?? []
  return id === undefined ? undefined : { id, n: Number(n) }
}

async function isEmpty(client: PGlite): Promise<boolean> {
  const { rows } = await client.query<{ used: boolean }>(
    `select exists (select 1 from meta) or exists (select 1 from person) or exists (select 1 from job)
       or exists (select 1 from stock) or exists (select 1 from spool) or exists (select 1 from photo) as used`,
  )
  return rows[0]?.used !== true
}

/**
 * Opens a folder's daybook beside its database: verified first, then replayed where the database is behind, never over what is
 * newer there. One that is of another database is put aside.
 */
export async function openDaybook(folder: string, client: PGlite): Promise<OpenedDaybook> {
  const read = readDaybook(folder)
  const place = await placeOf(client)
  const empty = place === undefined && (await isEmpty(client))
  const fits = read !== undefined && (place ? place.id === read.head.id : empty && read.head.fromEmpty)
  if (!read || !fits) return begin(folder, client, read, place, empty)
  const known = place?.n ?? 0
  const remarks: string[] = []
  if (known < read.head.from - 1)
    remarks.push(
      `The daybook begins at ${read.head.from}, the database ends at ${known}: what was written between is in neither.`,
    )
  const replayed = await replay(client, read, known)
  if (replayed > 0)
    remarks.push(`The database had lost ${replayed} of its last writes; they were put back from the daybook.`)
  if (read.damagedAt === undefined && read.last >= known)
    return { id: read.head.id, book: await DaybookWriter.goOn(folder, read), replayed, remarks }
  // a gap or damage in the middle must not look like all of it
  const aside = putAside(folder, 'until')
  if (read.damagedAt !== undefined)
    remarks.push(
      `The daybook is damaged at line ${read.damagedAt}: what stands behind it cannot be read. It lies at ${aside}.`,
    )
  const from = Math.max(known, read.last) + 1
  const book = await DaybookWriter.begin(folder, { id: read.head.id, from, fromEmpty: false })
  return { id: read.head.id, book, replayed, remarks }
}

async function begin(
  folder: string,
  client: PGlite,
  other: DaybookRead | undefined,
  place: { readonly id: string; readonly n: number } | undefined,
  empty: boolean,
): Promise<OpenedDaybook> {
  const remarks = existsSync(daybookPath(folder))
    ? [
        `The daybook in this folder ${other ? 'is of another database' : 'cannot be read'}. It was put aside: ${putAside(folder, 'other')}`,
      ]
    : []
  const id = place?.id ?? randomUUID()
  const n = place?.n ?? 0
  if (!place) await client.query(keepPlace, [`${id} 0`])
  const book = await DaybookWriter.begin(folder, { id, from: n + 1, fromEmpty: empty })
  return { id, book, replayed: 0, remarks }
}

/** Does again what the database does not hold, each transaction as it was, all of one or nothing. */
async function replay(client: PGlite, { head, missing }: DaybookRead, known: number): Promise<number> {
  const lost = missing(known)
  for (const { n, statements } of lost)
    await client.transaction(async (tx) => {
      for (const { sql, params } of statements) await tx.query(sql, [...params])
      await tx.query(keepPlace, [`${head.id} ${n}`])
    })
  return lost.length
}
