import { heightWindow, plural } from '@/words/figures'

/** What `Looks` says. */
export const looksWords = {
  reportFault: 'Report a fault',
  redoItWentWrong: 'Redo: it went wrong before the stroke',
  lookAtItAgain: 'Look at it again',
  crimpThenLook: 'Crimp, then look',
  releasedOn: (date: string) => `◆ Released on ${date}:`,
  theseHouseRulesBegin: 'these house rules begin each day with a first piece.',
  measureHeightFirst: 'Measure the height first',
  acceptCrimp: 'Accept the crimp',
  spaceTicksThisLine: 'Space ticks this line; after the last it accepts and goes on.',
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
