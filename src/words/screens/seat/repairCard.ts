/** What `RepairCard` says. */
export const repairCardWords = {
  beginRepair: 'Begin the repair',
  oneQuestionBack: 'One question back',
  wireSpoiledBesidesOld: 'Wire spoiled besides the old strip',
  itCosts: (enough: string) => `${enough} It costs`,
  ofWire: 'of wire;',
  areThereToSpare: 'are there to spare.',
  toSpareAreNot: 'to spare are not enough.',
  tooAsShortAs: (wires: string) => `◆ ${wires} too, as short as this one: they lie in the same`,
  hasNoWireTo: (wires: string, one: boolean) => `▲ ${wires} ${one ? 'has' : 'have'} no wire to spare for it.`,
  beginAllSameTake: 'Begin all the same: take it out',
  beginTakeItOut: 'Begin: take it out',
  lostLike: '0 mm',
}
