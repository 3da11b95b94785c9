import { mm, mmRange } from '@/words/figures'

/** What `StripScale` says. */
export const stripScaleWords = {
  strippersStopAt: 'Stripper’s stop at',
  stopLength: (stopMm: number) => mm(stopMm, 1),
  setAgain: ', set again',
  shorter: 'shorter',
  longer: 'longer',
  thisStripMm: (stripMm: number) => ` This strip: ${mm(stripMm, 1)}.`,
  stripWindowToMm: (minMm: number, maxMm: number, shorter: string, longer: string, noStripMm: string) =>
    `Strip window ${mmRange(minMm, maxMm, 1)}. Shorter: ${shorter}. Longer: ${longer}.${noStripMm}`,
  thisStrip: 'this strip',
  strippersStop: 'the stripper’s stop',
}
