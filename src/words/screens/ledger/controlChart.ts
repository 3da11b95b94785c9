import { figure, mmRange } from '@/words/figures'

/** What `ControlChart` says. */
export const controlChartWords = {
  middleControlLimitsTo: (lcl: number, digits: number, ucl: number) =>
    `middle; control limits ${figure(lcl, digits)} to ${figure(ucl, digits)}`,
  windowEstimated: (lower: number, upper: number) => `window ${mmRange(lower, upper)}, estimated`,
  drawn: (count: string) => `, ${count} DRAWN`,
  individualsReadings: (individuals: boolean, count: string, drawn: string) =>
    `${individuals ? 'INDIVIDUALS' : 'X̄ OF SUBGROUPS'} · ${count} READINGS${drawn}`,
  reading: (label: string) => `${label}, reading`,
  noneChosen: 'none chosen',
}
