import { ledger } from '@/core/ledger/ledger'
import type { Ledger, LedgerPoint } from '@/core/ledger/ledgerTypes'
import { seriesChart, type SeriesChart } from '@/core/ledger/seriesChart'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { listJobs, loadJob } from '@/data/repositories/jobs'
import { ledgerJob, readLedgerLines } from '@/data/repositories/ledger'
import { TREND_POINTS } from '@/core/stats/signals'
import type { LedgerModel, SeriesView } from './ledgerModel'

// Next gives pages their own copy of a module: what was counted stands on globalThis, once.
const shared = globalThis as typeof globalThis & { urnBenchLedger?: { readonly key: string; readonly book: Ledger; readonly titles: ReadonlyMap<string, string> } }

/** The Ledger as it stands, counted again only when a journal has grown. */
async function readBook() {
  const { db, jobs, catalogue } = await bench()
  const [heads, shelf] = await Promise.all([listJobs(db), loadCatalogue(db, catalogue)])
  const key = heads.map((head) => `${head.id} ${String(head.lastSeq)}`).join()
  if (shared.urnBenchLedger?.key === key) return shared.urnBenchLedger
  const lines = await readLedgerLines(db)
  const states = await Promise.all([...lines.keys()].map(async (id) => ({ id, folded: await loadJob(db, jobs, id) })))
  const found = states.flatMap(({ id, folded }) => (folded ? [ledgerJob(id, folded.state, lines.get(id) ?? [])] : []))
  const book = ledger(found, (tool) => shelf.tools.get(tool)?.verification?.doneOn)
  shared.urnBenchLedger = { key, book, titles: new Map(found.map((job) => [job.id, job.title])) }
  return shared.urnBenchLedger
}

export interface LedgerQuestion {
  /** the series that is shown; the one with most readings when left out */
  readonly series?: string | undefined
  /** readings to a subgroup, 2 to 10; individuals when left out */
  readonly subgroup?: number | undefined
  /** an entry whose reading is to be shown */
  readonly at?: { readonly job: string; readonly seq: number } | undefined
}

/** What the Ledger's page shows: the list, and the charts of one series. */
export async function readLedger({ series: wanted, subgroup, at }: LedgerQuestion = {}): Promise<LedgerModel> {
  const { book, titles } = await readBook()
  const { db, catalogue } = await bench()
  const shelf = await loadCatalogue(db, catalogue)
  const charts = book.series.map((series) => ({ series, heights: series.heights.length > 1 ? seriesChart(series.heights, { lower: series.height?.minMm, upper: series.height?.maxMm }, TREND_POINTS) : undefined }))
  // what has most to say comes first
  const order = [...charts].sort((a, b) => b.series.heights.length + b.series.pulls.length - a.series.heights.length - a.series.pulls.length)
  const holds = (points: readonly LedgerPoint[]) => points.some((point) => point.job === at?.job && point.seq === at.seq)
  const picked = order.find((one) => (at ? holds(one.series.heights) || holds(one.series.pulls) : one.series.id === wanted)) ?? order[0]
  const chartOf = (points: NonNullable<typeof picked>['series']['heights'], limits: { readonly lower?: number | undefined; readonly upper?: number | undefined }): SeriesChart | undefined => (points.length === 0 ? undefined : seriesChart(points, limits, TREND_POINTS, subgroup))
  const view: SeriesView | undefined = picked && {
    id: picked.series.id,
    ...(picked.series.height && { height: picked.series.height }), ...(picked.series.minimumN !== undefined && { minimumN: picked.series.minimumN }),
    heights: chartOf(picked.series.heights, { lower: picked.series.height?.minMm, upper: picked.series.height?.maxMm }),
    pulls: chartOf(picked.series.pulls, { lower: picked.series.minimumN }),
    lowPulls: picked.series.minimumN === undefined ? 0 : picked.series.pulls.filter((point) => point.value < (picked.series.minimumN ?? 0)).length,
  }
  return {
    list: order.map(({ series, heights }) => ({
      id: series.id, setup: series.setup, tool: series.tool, contactNames: series.contacts.map((one) => shelf.contacts.get(one)?.name ?? one).join(', '),
      heights: series.heights.length, pulls: series.pulls.length, signals: heights?.signalCount ?? 0, yield: book.yields.get(series.id) ?? { tried: 0, first: 0, scrapped: 0 },
    })),
    view, total: book.total, scrap: book.scrap,
    tools: book.tools.map((tool) => ({ ...tool, name: shelf.tools.get(tool.tool)?.name ?? tool.tool, verification: shelf.tools.get(tool.tool)?.verification })),
    titles: Object.fromEntries(titles),
  }
}
