import { newtons, plural } from '@/words/figures'

/** What `ReadingCard` says. */
export const readingCardWords = {
  aCrimp: 'a crimp',
  crimpThatWentTo: 'a crimp that went to scrap',
  firstPiece: 'a first piece',
  aSample: 'a sample',
  reading: 'Reading',
  photoOfThisPiece: 'photo of this piece',
  openItsEntry: 'Open its entry',
  height: 'Height',
  pull: 'Pull',
  belowN: (lowPulls: number, minimumN: number) => `▲ ${plural(lowPulls, 'pull')} below ${newtons(minimumN)}`,
  allPullsAtOr: (count: number, minimumN: number) => `✓ All ${String(count)} pulls at or above ${newtons(minimumN)}`,
  chart: 'Chart',
  individualsMovingRange: 'individuals, moving range',
  meansAndRangesOf: (n: number) => `means and ranges of ${String(n)}`,
  controlLimitsSayWhether:
    'Control limits say whether the process is steady; the red ones are the sheet’s. A chart replaces no inspection.',
  whatChartSays: (title: string) => `${title}: what the chart says`,
  cp: 'Cp',
  cpk: 'Cpk',
  fromAtLeast: (count: number) => `from ${plural(count, 'reading')}: at least`,
  canBeStated: 'can be stated',
  steadyNoSignal: '✓ Steady: no signal.',
  signalAt: (at: number, signalWord: string) => `No. ${String(at)} ${signalWord}`,
  andMore: (signalCount: number) => `and ${String(signalCount)} more`,
}
