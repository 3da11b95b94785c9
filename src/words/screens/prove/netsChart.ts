import { plural } from '@/words/figures'

/** What `NetsChart` says. */
export const netsChartWords = {
  chart: 'Chart of all nets',
  percentOfWhat: '% of what it should be',
  netsAgainstWindows: 'Nets against their windows, in percent of what each should be',
  chartSays: (measured: number, all: number, out: number) =>
    `${String(measured)} of ${plural(all, 'net')} measured, ${String(out)} out of their windows`,
  measuredOf: (measured: number, all: number) => `${String(measured)} of ${String(all)} measured`,
  outOfWindow: (count: number) => `${String(count)} out of the window`,
  cannotTell: (count: number) => `${String(count)} cannot be told, or stand out`,
  good: (count: number) => `${String(count)} good`,
  windowOf: (low: string, high: string) => `window ${low} to ${high}`,
  standsOut: 'It stands out from its like.',
  byNets: (nets: string) => `${nets}: wire and contacts at the temperature of the measurement, leads off.`,
}
