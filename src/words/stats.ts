import type { ChartFault } from '@/core/base/stats/controlChart'
import type { SignalRule } from '@/core/base/stats/signals'
import { CAPABILITY_READINGS, type Withheld } from '@/core/base/stats/statedCapability'
import { list, plural } from './figures'

/** Why figures make no chart, and what would. */
export function chartFaultWords(fault: ChartFault): string {
  switch (fault.kind) {
    case 'too-few':
      return `${plural(fault.points, 'point')} make no chart: at least ${fault.least} are needed`
    case 'uneven-subgroups':
      return `subgroup ${fault.at + 1} has ${plural(fault.size, 'reading')}, the others ${fault.expected}: all must be of one size`
    case 'subgroup-size':
      return `subgroups of ${fault.size} have no factors: from ${fault.least} to ${fault.most}`
  }
}

/** What a signal says, and what to look at first. */
export const signalWords: Readonly<Record<SignalRule, { readonly high: string; readonly low: string }>> = {
  'beyond-limit': { high: 'above the upper limit', low: 'below the lower limit' },
  'zone-a': { high: 'two of three far above the middle', low: 'two of three far below the middle' },
  'zone-b': { high: 'four of five above the middle band', low: 'four of five below the middle band' },
  run: { high: 'eight in a row above the middle', low: 'eight in a row below the middle' },
  trend: { high: 'rising in a row', low: 'falling in a row' },
}

const counts = ['', '', '', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']
/** A trend over so many points. */
export const trendWords = (side: 'high' | 'low', points: number): string =>
  `${counts[points] ?? String(points)} in a row, each ${side === 'high' ? 'above' : 'below'} the one before`

/** Why no capability is stated, and what it would take. */
export function withheldWords(withheld: Withheld): string {
  switch (withheld.why) {
    case 'too-few':
      return `No Cp or Cpk from fewer than ${withheld.needs} readings.`
    case 'signals':
      return `No Cp or Cpk while ${withheld.at.length === 1 ? 'a signal' : 'signals'} among the last ${CAPABILITY_READINGS} readings ${withheld.at.length === 1 ? 'has' : 'have'} no cause written down: reading ${list(withheld.at.map((at) => String(at + 1)))}.`
    case 'estimate':
      return 'No Cp or Cpk against an estimated window.'
  }
}
