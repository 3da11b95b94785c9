import { mm } from '@/words/figures'

/** What `RepairCard` says. */
export const repairCardWords = {
  beginRepair: 'Begin the repair',
  oneQuestionBack: 'One question back',
  wireSpoiledBesidesOld: 'Wire spoiled besides the old strip',
  itCosts: (enough: string) => `${enough} It costs`,
  ofWire: 'of wire;',
  areThereToSpare: 'are there to spare.',
  toSpareAreNot: 'to spare are not enough.',
  beforeCut: 'Before the cut: which side is up, which wire is where',
  orPhoto: 'in words, or as a photo',
  beforeLike: 'latch up, RD left of BK',
  stripUnknown: 'Its strip is not known before a set is chosen in Kit: what it costs is at least that.',
  tooAsShortAs: (wires: string, withinMm: number) =>
    `◆ ${wires} redone to stay equal${withinMm > 0 ? ` within ${mm(withinMm)}` : ''}: they lie in the same`,
  hasNoWireTo: (wires: string, one: boolean) => `▲ ${wires} ${one ? 'has' : 'have'} no wire to spare for it.`,
  beginAllSameTake: 'Begin all the same: take it out',
  beginTakeItOut: 'Begin: take it out',
  lostLike: '0 mm',
}
