import { heightWindow, plural } from '@/words/figures'

/** What `Looks` says. */
export const looksWords = {
  reportFault: 'Report a fault',
  redoItWentWrong: 'Redo: it went wrong before the stroke',
  lookAtItAgain: 'Look at it again',
  crimpThenLook: 'The looks',
  releasedOn: (date: string) => `◆ Released on ${date}:`,
  theseHouseRulesBegin: 'these house rules begin each day with a first piece.',
  measureHeightFirst: 'Measure the height first',
  acceptCrimp: 'Accept the crimp',
  singly: (nth: number) => `Crimp ${String(nth)} of this setting: each look by itself.`,
  together: (singlyIn: number | undefined) =>
    singlyIn === undefined
      ? 'One press for all looks: the record says so.'
      : `One press for all looks: the record says so. One by one again in ${plural(singlyIn, 'crimp')}.`,
  allSeen: 'All of it is seen',
  allSeenAccept: 'All seen: accept the crimp',
  strokeDone: 'Crimped; back to the stroke',
  redo: 'Redo',
  fault: 'Fault…',
  heightOneInIs: (heightEvery: number) => `Height, one in ${String(heightEvery)} is measured`,
  heightWhenMeasured: 'Height, when measured',
  heightDueIn: (heightIn: number) => `Height, due in ${plural(heightIn, 'crimp')}`,
  heightHint: (minMm: number, maxMm: number, estimate: boolean) =>
    `${heightWindow({ minMm, maxMm })}${estimate ? ', estimated' : ''}`,
  outsideMmReportFault: (minMm: number, maxMm: number) =>
    `Outside ${heightWindow({ minMm, maxMm })}: report the fault, its height goes with it.`,
  beforeStroke: (practiceWord: string) => `${practiceWord} before the stroke`,
  andRecorded: ', recorded',
  recordedWithIt: (practices: string) => `Recorded with it: ${practices}.`,
  dieSpoolOrShift: 'Die, spool or shift changed…',
  hereBeforeScrappedRedone: (scrapped: number, redone: number) =>
    `Here before: ${String(scrapped)} scrapped, ${String(redone)} redone,`,
  ofWireUsedUp: 'of wire used up.',
  noSlackForSecond: '◆ No slack for a second try',
  left: (triesLeft: number) => `${plural(triesLeft, 'try', 'tries')} left`,
  eachCosts: ', each costs',
}
