import { newtons } from '@/words/figures'

/** What `ForceCurve` says. */
export const forceCurveWords = {
  forceCurve: 'Force curve',
  peak: 'Peak',
  above: '✓ above',
  minimum: (minimumN: number) => newtons(minimumN),
  readings: (count: string) => `${count} READINGS`,
  forceOverTimePeak: (peakN: number) => `Force over time, peak ${newtons(peakN)}`,
}
