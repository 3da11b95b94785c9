import { newtonsApart } from '@/words/figures'

/** What `PullSampleCard` says. */
export const pullSampleCardWords = {
  sampleLike: 'Sample like',
  sample: 'Sample',
  pullSample: 'Pull a sample',
  onePieceInOf: (pullEvery: number) =>
    `One piece in ${String(pullEvery)} of this setup is crimped on spare wire and pulled to destruction. Eye protection.`,
  isBelowReleaseEnds: (pullN: number, minimumN: number) => {
    const [held, asked] = newtonsApart(pullN, minimumN)
    return `${held} is below ${asked}: the release ends with it.`
  },
  recordItStopThis: 'Record it: stop this setup',
  pullItFirst: 'Pull it first',
  recordSample: 'Record the sample',
  before: (samples: string) => `Before: ${samples}`,
}
