import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import { ledger } from '@/core/views/ledger/ledger'
import type { Ledger, LedgerPoint, LedgerSeries, ToolWork } from '@/core/views/ledger/ledgerTypes'
import { seriesChart, type SeriesChart } from '@/core/views/ledger/seriesChart'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { listJobs, loadRecord } from '@/data/repositories/jobs'
import { ledgerJob, readLedgerLines } from '@/data/repositories/ledger'
import { TREND_POINTS } from '@/core/base/stats/signals'
import { isClosed } from '@/core/record/state/state'
import type { LedgerModel, RecordLine, SeriesView } from './ledgerModel'

/** What was counted, with the chart of each series' heights: made once for each state of the journals and the crib. */
interface Book {
  readonly key: string
  readonly shelf: Catalogue
  readonly book: Ledger
  readonly charts: ReadonlyMap<string, SeriesChart>
  readonly titles: ReadonlyMap<string, string>
  readonly records: readonly RecordLine[]
}

// Next gives pages their own copy of a module: what was counted stands on globalThis, once.
const shared = globalThis as typeof globalThis & { urnBenchLedger?: Book }

/**
 * The Ledger as it stands, counted again only when a journal has grown or the crib has changed. A record that is not whole counts
 * nowhere, nor does a copy of one unless it is asked for.
 */
async function readBook(copies = false): Promise<Book> {
  const { db, jobs, catalogue } = await bench()
  const [heads, shelf] = await Promise.all([listJobs(db), loadCatalogue(db, catalogue)])
  const key = `${copies ? 'copies ' : ''}${jobs.surprises} ${heads.map((head) => `${head.id} ${String(head.lastSeq)} ${head.lastHash}`).join()}`
  const known = shared.urnBenchLedger
  if (known?.key === key && known.shelf === shelf) return known
  const lines = await readLedgerLines(db)
  const loaded = await Promise.all(heads.map(async ({ id }) => ({ id, record: await loadRecord(db, jobs, id) })))
  const records = loaded.flatMap(({ id, record }): RecordLine[] => {
    if (!record) return []
    const { state } = record.folded
    return [
      {
        id,
        title: state.plan.title,
        entries: state.seq,
        signed: isClosed(state),
        provenance: record.provenance,
      },
    ]
  })
  const found = loaded.flatMap(({ id, record }) => {
    if (!record || record.provenance.fault || (!copies && record.provenance.copyOf !== undefined)) return []
    const said = lines.get(id)
    return said ? [ledgerJob(id, record.folded.state, said)] : []
  })
  const book = ledger(found, (tool) => shelf.tools.get(tool)?.verification?.doneOn)
  const charts = new Map(
    book.series
      .filter((series) => series.heights.length > 0)
      .map((series) => [series.id, seriesChart(series.heights, heightLimits(series), TREND_POINTS)]),
  )
  const titles = new Map(found.map((job) => [job.id, job.title]))
  shared.urnBenchLedger = { key, shelf, book, charts, titles, records }
  return shared.urnBenchLedger
}

const heightLimits = ({ height }: LedgerSeries) => ({
  lower: height?.minMm,
  upper: height?.maxMm,
  estimate: height?.estimate,
})

/** What each tool has closed since it was verified. */
export const readToolWork = async (): Promise<readonly ToolWork[]> => (await readBook()).book.tools

export interface LedgerQuestion {
  /** the series that is shown; the one with most readings when left out */
  readonly series?: string | undefined
  /** readings to a subgroup, 2 to 10; individuals when left out */
  readonly subgroup?: number | undefined
  /** an entry whose reading is to be shown */
  readonly at?: { readonly job: string; readonly seq: number } | undefined
  /** copies of records count too */
  readonly copies?: boolean
}

/** What the Ledger's page shows: the list, and the charts of one series. */
export async function readLedger({
  series: wanted,
  subgroup,
  at,
  copies = false,
}: LedgerQuestion = {}): Promise<LedgerModel> {
  const { book, charts, titles, records, shelf } = await readBook(copies)
  // what has most to say comes first
  const order = [...book.series].sort((a, b) => b.heights.length + b.pulls.length - a.heights.length - a.pulls.length)
  const holds = (points: readonly LedgerPoint[]) =>
    points.some((point) => point.job === at?.job && point.seq === at.seq)
  const picked = order.find((one) => (at ? holds(one.heights) || holds(one.pulls) : one.id === wanted)) ?? order[0]
  return {
    list: order.map((series) => ({
      id: series.id,
      setup: series.setup,
      made: series.made,
      tool: series.tool,
      contactNames: series.contacts.map((one) => shelf.contacts.get(one)?.name ?? one).join(', '),
      heights: series.heights.length,
      pulls: series.pulls.length,
      signals: charts.get(series.id)?.signalCount ?? 0,
      yield: book.yields.get(series.id) ?? { tried: 0, first: 0, scrapped: 0 },
    })),
    view: picked && viewOf(picked, charts.get(picked.id), subgroup),
    total: book.total,
    scrap: book.scrap,
    tools: book.tools.map((tool) => ({
      ...tool,
      name: shelf.tools.get(tool.tool)?.name ?? tool.tool,
      verification: shelf.tools.get(tool.tool)?.verification,
    })),
    records,
    copies,
    titles: Object.fromEntries(titles),
  }
}

function viewOf(series: LedgerSeries, individuals: SeriesChart | undefined, subgroup: number | undefined): SeriesView {
  const { id, height, minimumN, heights, pulls } = series
  return {
    id,
    ...(height && { height }),
    ...(minimumN !== undefined && { minimumN }),
    heights:
      subgroup === undefined || heights.length === 0
        ? individuals
        : seriesChart(heights, heightLimits(series), TREND_POINTS, subgroup),
    pulls: pulls.length === 0 ? undefined : seriesChart(pulls, { lower: minimumN }, TREND_POINTS, subgroup),
    lowPulls: minimumN === undefined ? 0 : pulls.filter((point) => point.value < minimumN).length,
  }
}
