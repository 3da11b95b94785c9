import type { LedgerPoint, LedgerSeries } from '@/core/views/ledger/ledgerTypes'
import { seriesChart, type SeriesChart } from '@/core/views/ledger/seriesChart'
import { bench } from '@/data/bench'
import { type LedgerBook, readLedgerBook } from '@/data/repositories/ledgerBook'
import { TREND_POINTS } from '@/core/base/stats/signals'
import type { LedgerModel, SeriesView } from './ledgerModel'

/** The Ledger's book, with the chart of each series' heights: made once for each book. */
interface ChartedBook extends LedgerBook {
  readonly charts: ReadonlyMap<string, SeriesChart>
}

const charted = new WeakMap<LedgerBook, ChartedBook>()

async function readBook(copies: boolean): Promise<ChartedBook> {
  const read = await readLedgerBook(await bench(), copies)
  const known = charted.get(read)
  if (known) return known
  const charts = new Map(
    read.book.series
      .filter((series) => series.heights.length > 0)
      .map((series) => [series.id, seriesChart(series.heights, heightLimits(series), TREND_POINTS)]),
  )
  const made = { ...read, charts }
  charted.set(read, made)
  return made
}

const heightLimits = ({ height }: LedgerSeries) => ({
  lower: height?.minMm,
  upper: height?.maxMm,
  estimate: height?.estimate,
})

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
