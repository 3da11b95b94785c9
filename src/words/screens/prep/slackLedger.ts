import { mm, plural } from '@/words/figures'

/** What `SlackLedger` says. */
export const slackLedgerWords = {
  slack: 'Slack',
  noSecondTry: '◆ No second try',
  left: (triesLeft: number) => `${plural(triesLeft, 'try', 'tries')} left`,
  ofSlackEachCosts: (leftMm: number, tryMm: number) => `: ${mm(leftMm, 0)} of slack, each costs ${mm(tryMm, 0)} here.`,
  cutNeeded: (cutMm: number, neededMm: number) => `Cut ${mm(cutMm, 0)}, needed ${mm(neededMm, 0)}`,
  usedHere: (usedHereMm: number) => `, used here ${mm(usedHereMm, 1)}`,
  atOtherEnd: (usedThereMm: number) => `, at the other end ${mm(usedThereMm, 1)}`,
  lostBefore: (count: number) => ` ${plural(count, 'wire')} lost before.`,
  noSlackForAnother: (side: string) => `no slack for another try at ${side}`,
  tooShortScrapIt: 'Too short: scrap it, cut a new one',
}
