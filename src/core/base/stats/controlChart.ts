import { fail, ok, type Result } from '../result'

/**
 * Control charts by Shewhart: individuals with moving range, or means of equal subgroups with their ranges.
 * Constants: ISO 7870-2, table of factors for control lines (the same as in ASTM E2587).
 * Degrees of freedom of a mean range: Patnaik's approximation, as tabled for d₂*.
 */
interface Factors {
  /** limits of the means from the mean range */
  readonly a2: number
  /** limits of the ranges from the mean range */
  readonly d3: number
  readonly d4: number
  /** mean range of n normal values, in standard deviations */
  readonly d2: number
  /** degrees of freedom that a subgroup adds to the standard deviation from the mean range */
  readonly degrees: number
}

/** By subgroup size, 2 to 10. */
export const chartFactors: Readonly<Record<number, Factors>> = {
  2: { a2: 1.88, d3: 0, d4: 3.267, d2: 1.128, degrees: 0.876 },
  3: { a2: 1.023, d3: 0, d4: 2.574, d2: 1.693, degrees: 1.815 },
  4: { a2: 0.729, d3: 0, d4: 2.282, d2: 2.059, degrees: 2.738 },
  5: { a2: 0.577, d3: 0, d4: 2.114, d2: 2.326, degrees: 3.623 },
  6: { a2: 0.483, d3: 0, d4: 2.004, d2: 2.534, degrees: 4.466 },
  7: { a2: 0.419, d3: 0.076, d4: 1.924, d2: 2.704, degrees: 5.267 },
  8: { a2: 0.373, d3: 0.136, d4: 1.864, d2: 2.847, degrees: 6.031 },
  9: { a2: 0.337, d3: 0.184, d4: 1.816, d2: 2.97, degrees: 6.759 },
  10: { a2: 0.308, d3: 0.223, d4: 1.777, d2: 3.078, degrees: 7.453 },
}

/** Moving ranges share their readings: each adds less than a range of its own pair would. */
const MOVING_RANGE_DEGREES = 0.62

/** Limits of individuals from the mean moving range: 3 / d₂ of pairs. */
const INDIVIDUALS = 2.66

export interface Lines {
  readonly centre: number
  readonly ucl: number
  readonly lcl: number
}

/** What stands on the chart: the values themselves, or the means of subgroups. */
export type ChartInput = { readonly values: readonly number[] } | { readonly subgroups: readonly (readonly number[])[] }

export interface ControlChart extends Lines {
  /** points of the upper chart */
  readonly points: readonly number[]
  readonly range: Lines
  /** points of the lower chart; of individuals the moving ranges, one fewer than values */
  readonly ranges: readonly number[]
  /** standard deviation within, from the mean range */
  readonly sigmaWithin: number
  /** degrees of freedom of that standard deviation */
  readonly degrees: number
  /** readings behind the chart */
  readonly count: number
}

/** Why there is no chart. */
export type ChartFault =
  | { readonly kind: 'too-few'; readonly points: number; readonly least: number }
  | { readonly kind: 'uneven-subgroups'; readonly at: number; readonly size: number; readonly expected: number }
  | { readonly kind: 'subgroup-size'; readonly size: number; readonly least: number; readonly most: number }

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length
const rangeOf = (values: readonly number[]) => Math.max(...values) - Math.min(...values)

/**
 * Centre and limits of a chart.
 * @returns the chart, or why the figures make none
 */
export function controlChart(input: ChartInput): Result<ControlChart, ChartFault> {
  return 'values' in input ? individuals(input.values) : meansAndRanges(input.subgroups)
}

function individuals(values: readonly number[]): Result<ControlChart, ChartFault> {
  if (values.length < 2) return fail({ kind: 'too-few', points: values.length, least: 2 })
  const ranges = values.slice(1).map((value, i) => Math.abs(value - (values[i] ?? value)))
  const [centre, meanRange] = [mean(values), mean(ranges)]
  const { d2, d4 } = factorsOf(2)
  return ok({
    points: values,
    ranges,
    count: values.length,
    centre,
    ucl: centre + INDIVIDUALS * meanRange,
    lcl: centre - INDIVIDUALS * meanRange,
    range: { centre: meanRange, ucl: d4 * meanRange, lcl: 0 },
    sigmaWithin: meanRange / d2,
    degrees: MOVING_RANGE_DEGREES * (values.length - 1),
  })
}

function meansAndRanges(subgroups: readonly (readonly number[])[]): Result<ControlChart, ChartFault> {
  const size = subgroups[0]?.length ?? 0
  if (subgroups.length < 2) return fail({ kind: 'too-few', points: subgroups.length, least: 2 })
  const uneven = subgroups.findIndex((group) => group.length !== size)
  if (uneven >= 0)
    return fail({ kind: 'uneven-subgroups', at: uneven, size: subgroups[uneven]?.length ?? 0, expected: size })
  if (!Object.hasOwn(chartFactors, size)) return fail({ kind: 'subgroup-size', size, least: 2, most: 10 })
  const points = subgroups.map(mean)
  const ranges = subgroups.map(rangeOf)
  const [centre, meanRange] = [mean(points), mean(ranges)]
  const { a2, d2, d3, d4, degrees } = factorsOf(size)
  return ok({
    points,
    ranges,
    count: subgroups.length * size,
    centre,
    ucl: centre + a2 * meanRange,
    lcl: centre - a2 * meanRange,
    range: { centre: meanRange, ucl: d4 * meanRange, lcl: d3 * meanRange },
    sigmaWithin: meanRange / d2,
    degrees: degrees * subgroups.length,
  })
}

const factorsOf = (size: number): Factors => chartFactors[size] ?? { a2: NaN, d2: NaN, d3: NaN, d4: NaN, degrees: NaN }
