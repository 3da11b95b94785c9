import { list } from '@/words/figures'

/** What `MismateView` and its parts say. */
export const mismateViewWords = {
  study: 'Joined wrongly',
  harmfulWays: (harmful: number, all: number) =>
    all === 0
      ? '✓ No end of this job can be joined wrongly'
      : harmful === 0
        ? `✓ ${all === 1 ? 'One wrong way' : `${String(all)} wrong ways`}, none does harm`
        : `▲ ${String(harmful)} of ${all === 1 ? 'one wrong way' : `${String(all)} wrong ways`} ${harmful === 1 ? 'does' : 'do'} harm`,
  readByName: 'Supply and return are read off the signals’ names; each end’s other half carries the same, pin by pin.',
  whatMeetsWhat: 'What meets what',
  cavityOf: (end: string) => `Contact of ${end}`,
  meetsOf: (into: string, own: boolean) => (own ? `meets, in its own half` : `meets, in the half of ${into}`),
  harm: 'Harm',
  nothing: 'nothing',
  return: 'return',
  signal: 'a signal',
  whatHelps: 'What helps',
  keyings: 'Keyings that tell them apart',
  noKeyings: 'None of these housings is made in more than one keying.',
  allToldApart: '✓ All that are alike have keyings of their own.',
  tooFew: (pairs: readonly string[]) =>
    `◆ There are too few keyings: ${list([...pairs])} stay alike. Other lengths or labels must tell them.`,
  putKeyings: 'Put these keyings into the plan',
  nothingChanged: 'Nothing was changed.',
  lookingForPins: 'Looking for harmless pins…',
  provedNone: (end: string) => `No order of the signals in ${end} makes every wrong joining harmless: all were tried.`,
  noPinsNeeded: (end: string) => `${end}: as it is, or no order was found in the time there is.`,
  harmlessPins: (end: string) => `Harmless in ${end}, with these moved`,
  changeAtPlan: 'Change the cavities at Plan, before anything is seated.',
  alsoLengths: 'Breakouts of other lengths keep the wrong halves apart as well.',
}
