/** What `EndRepairCard` says. */
export const endRepairCardWords = {
  oneQuestionBack: 'One question back',
  beginRepair: 'Begin the repair',
  sayWhatIsBroken: 'Say what is broken',
  whatIsBrokenAt: (end: string) => `What is broken at ${end}?`,
  whatIsBroken: 'What is broken',
  atSomeOfThem:
    '▲ At some of them the wire to spare is not enough: report each at its cavity, with X, before the housing is given up.',
  giveOldOneUp: 'Give the old one up',
  nothingIsBroken: 'Nothing is broken',
}
