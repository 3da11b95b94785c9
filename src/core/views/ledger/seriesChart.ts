import { LIMIT_READINGS, type StatedCapability, statedCapability } from '../../base/stats/statedCapability'
import { controlChart, type ChartFault, type ChartInput, type Lines } from '../../base/stats/controlChart'
import { signals, type Signal } from '../../base/stats/signals'
import type { LedgerPoint } from './ledgerTypes'

/** A chart of a series, small enough to draw: what is left out between is bounded by what is shown. */
export interface SeriesChart extends StatedCapability {
  readonly kind: 'individuals' | 'subgroups'
  /** what is drawn; `at` is the place among all */
  readonly shown: readonly { readonly at: number; readonly value: number; readonly point: LedgerPoint }[]
  /** all of them, though fewer are drawn */
  readonly count: number
  readonly chart?: Lines & { readonly sigmaWithin: number; readonly range: Lines }
  readonly fault?: ChartFault
  readonly signals: readonly Signal[]
  readonly signalCount: number
}

export interface SeriesLimits {
  readonly lower?: number | undefined
  readonly upper?: number | undefined
  /** nobody's sheet says these limits */
  readonly estimate?: boolean | undefined
}

/** More points than pixels show nothing more. */
const SHOWN = 1200
const SIGNALS_SHOWN = 100

/**
 * The control chart of a series: individuals with moving range, or means of subgroups in the order in which they were made.
 * @param subgroup readings to a subgroup, 2 to 10; individuals when left out. Readings that fill no subgroup are left out
 */
export function seriesChart(
  points: readonly LedgerPoint[],
  limits: SeriesLimits,
  trendPoints: number,
  subgroup?: number,
): SeriesChart {
  const groups =
    subgroup === undefined
      ? undefined
      : Array.from({ length: Math.floor(points.length / subgroup) }, (_, i) =>
          points.slice(i * subgroup, (i + 1) * subgroup),
        )
  const input: ChartInput = groups
    ? { subgroups: groups.map((group) => group.map((point) => point.value)) }
    : { values: points.map((point) => point.value) }
  const chart = controlChart(input)
  const kind = groups ? 'subgroups' : 'individuals'
  // a subgroup stands for its last reading
  const last = groups ? groups.flatMap((group) => group.at(-1) ?? []) : points
  const few: ChartFault | undefined =
    points.length < LIMIT_READINGS ? { kind: 'too-few', points: points.length, least: LIMIT_READINGS } : undefined
  if (!chart.ok || few)
    return {
      kind,
      count: points.length,
      shown: reduce(last, chart.ok ? chart.value.points : last.map((point) => point.value), new Set()),
      ...(few ? { fault: few } : !chart.ok && { fault: chart.fault }),
      signals: [],
      signalCount: 0,
      withheld: [],
    }
  const { centre, ucl, lcl, sigmaWithin, range } = chart.value
  const found = signals(chart.value.points, chart.value, trendPoints)
  const { lower, upper, estimate } = limits
  const stated = statedCapability(
    chart.value,
    found,
    {
      ...(lower !== undefined && { lower }),
      ...(upper !== undefined && { upper }),
      ...(estimate !== undefined && { estimate }),
    },
    (at) => last[at]?.cause !== undefined,
  )
  const first = found.slice(0, SIGNALS_SHOWN)
  return {
    kind,
    count: points.length,
    shown: reduce(last, chart.value.points, new Set(first.map((signal) => signal.at))),
    chart: { centre, ucl, lcl, sigmaWithin, range },
    signals: first,
    signalCount: found.length,
    ...stated,
  }
}

/** Of each stretch the lowest, the highest and every one that is to be kept. */
function reduce(
  points: readonly LedgerPoint[],
  values: readonly number[],
  keep: ReadonlySet<number>,
): SeriesChart['shown'] {
  const all = (at: number) => ({ at, value: values[at] ?? NaN, point: points[at] })
  const present = (one: ReturnType<typeof all>): one is SeriesChart['shown'][number] => one.point !== undefined
  if (points.length <= SHOWN) return points.map((_, at) => all(at)).filter(present)
  const stretch = Math.ceil(points.length / (SHOWN / 2))
  const kept = new Set(keep)
  for (let from = 0; from < points.length; from += stretch) {
    let low = from
    let high = from
    for (let at = from; at < Math.min(points.length, from + stretch); at++) {
      if ((values[at] ?? NaN) < (values[low] ?? NaN)) low = at
      if ((values[at] ?? NaN) > (values[high] ?? NaN)) high = at
    }
    kept.add(low)
    kept.add(high)
  }
  return [...kept]
    .sort((a, b) => a - b)
    .map(all)
    .filter(present)
}
