import { figure } from '@/words/figures'

/** What `ForceCurve` says. */
export const forceCurveWords = {
  forceCurve: 'Force curve',
  peak: 'Peak',
  newtonAxis: 'N',
  above: '✓ above',
  minimum: (minimumN: number) => `${figure(minimumN, 0)} N`,
  readings: (count: string) => `${count} READINGS`,
  forceOverTimePeak: (peakN: number) => `Force over time, peak ${figure(peakN, 0)} N`,
}
