import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import type { NewEntry } from '@/core/record/journal/entry'
import type { Provenance } from '@/core/record/journal/recordFault'
import { isClosed } from '@/core/record/state/state'
import { ledger } from '@/core/views/ledger/ledger'
import type { Ledger, ToolWork } from '@/core/views/ledger/ledgerTypes'
import type { Bench } from '../bench'
import { loadCatalogue } from './catalogue'
import { listJobs, loadRecord } from './jobs'
import { ledgerJob, readLedgerLines } from './ledger'

/** A record of this bench, as the Ledger lists it. */
export interface RecordLine {
  readonly id: string
  readonly title: string
  readonly entries: number
  readonly signed: boolean
  readonly provenance: Provenance
}

/** What the journals of all jobs say together, and which they are. */
export interface LedgerBook {
  readonly shelf: Catalogue
  readonly book: Ledger
  readonly titles: ReadonlyMap<string, string>
  readonly records: readonly RecordLine[]
}

// Next gives pages their own copy of a module: what was counted stands on globalThis, once.
const shared = globalThis as typeof globalThis & {
  urnBenchLedger?: { readonly key: string; readonly book: LedgerBook }
}

/**
 * The Ledger as it stands, counted again only when a journal has grown or the crib has changed. A record that is not whole counts
 * nowhere, nor does a copy of one unless it is asked for.
 */
export async function readLedgerBook({ db, jobs, catalogue }: Bench, copies = false): Promise<LedgerBook> {
  const [heads, shelf] = await Promise.all([listJobs(db), loadCatalogue(db, catalogue)])
  const key = `${copies ? 'copies ' : ''}${jobs.surprises} ${heads.map((head) => `${head.id} ${String(head.lastSeq)} ${head.lastHash}`).join()}`
  const known = shared.urnBenchLedger
  if (known?.key === key && known.book.shelf === shelf) return known.book
  const lines = await readLedgerLines(db)
  const loaded = await Promise.all(heads.map(async ({ id }) => ({ id, record: await loadRecord(db, jobs, id) })))
  const records = loaded.flatMap(({ id, record }): RecordLine[] => {
    if (!record) return []
    const { state } = record.folded
    return [{ id, title: state.plan.title, entries: state.seq, signed: isClosed(state), provenance: record.provenance }]
  })
  const found = loaded.flatMap(({ id, record }) => {
    if (!record || record.provenance.fault || (!copies && record.provenance.copyOf !== undefined)) return []
    const said = lines.get(id)
    return said ? [ledgerJob(id, record.folded.state, said)] : []
  })
  const book: LedgerBook = {
    shelf,
    book: ledger(found, (tool) => shelf.tools.get(tool)?.verification?.doneOn),
    titles: new Map(found.map((job) => [job.id, job.title])),
    records,
  }
  shared.urnBenchLedger = { key, book }
  return book
}

/** What each tool has closed since it was verified. */
export const readToolWork = async (bench: Bench): Promise<readonly ToolWork[]> =>
  (await readLedgerBook(bench)).book.tools

/**
 * How many contacts each tool that entries mount has closed since it was verified, where it is due after so many of them. Asked
 * before an append has its turn, since it reads the other jobs.
 */
export async function madeWithMounted(
  bench: Bench,
  entries: readonly NewEntry[],
): Promise<ReadonlyMap<string, number> | undefined> {
  const mounted = entries.flatMap((entry) => (entry.kind === 'setup-mounted' ? [entry.setup.tool] : []))
  // most appends mount nothing, and each costs as many questions as it asks
  if (mounted.length === 0) return undefined
  const { tools } = await loadCatalogue(bench.db, bench.catalogue)
  const isCounted = mounted.some((tool) => tools.get(tool)?.dueEveryStrokes !== undefined)
  return isCounted ? new Map((await readToolWork(bench)).map(({ tool, since }) => [tool, since])) : undefined
}
