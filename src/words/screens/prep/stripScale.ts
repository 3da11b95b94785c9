import { figure } from '@/words/figures'

/** What `StripScale` says. */
export const stripScaleWords = {
  strippersStopAt: 'Stripper’s stop at',
  stopLength: (stopMm: number) => `${figure(stopMm, 1)} mm`,
  setAgain: ', set again',
  shorter: 'shorter',
  longer: 'longer',
  thisStripMm: (stripMm: number) => ` This strip: ${figure(stripMm, 1)} mm.`,
  stripWindowToMm: (minMm: number, maxMm: number, shorter: string, longer: string, noStripMm: string) =>
    `Strip window ${figure(minMm, 1)} to ${figure(maxMm, 1)} mm. Shorter: ${shorter}. Longer: ${longer}.${noStripMm}`,
  thisStrip: 'this strip',
  strippersStop: 'the stripper’s stop',
}
