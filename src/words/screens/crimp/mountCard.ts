import { overdueWords } from '@/words/tools'
import { day, plural } from '@/words/figures'

/** What `MountCard` says. */
export const mountCardWords = {
  isRight: (setupFieldWord: string) => `${setupFieldWord} is right`,
  setupFor: 'Setup for',
  whatChanges: 'What changes',
  thenFirstPiece: (count: number, pieces: number) =>
    `${plural(count, 'change')}, then ${pieces === 0 ? 'the release' : pieces === 1 ? 'a first piece' : `${String(pieces)} first pieces`}`,
  firstPieces: (count: number) => `${plural(count, 'piece')} to release it`,
  mountFirstSetup: 'Mount the first setup',
  what: 'what',
  now: 'now',
  until: 'to',
  whereFigureComesFrom: 'where the figure comes from',
  setupChange: 'Setup change',
  changeSetup: 'Change the setup',
  wasVerifiedOnDue: (tool: string, doneOn: string, dueOn: string) =>
    `✓ ${tool} was verified on ${day(doneOn)}, due again on ${day(dueOn)}.`,
  wasGaugedHereOn: (tool: string, date: string) => `✓ ${tool} was gauged here on ${date}.`,
  isOverdue: (tool: string, due: Parameters<typeof overdueWords>[0]) => `▲ ${tool} is ${overdueWords(due)}.`,
  theseHouseRulesDo: 'These house rules do not let it crimp until it is gauged.',
  itIsRecorded: 'It is recorded.',
  setupIsInHand: 'Setup is in hand',
  allSet: 'All of it is set',
  allSeen: 'All of it is as it should be',
  allSeenInHand: 'All as it should be: setup is in hand',
  anotherNest: 'Another nest is the snug one',
  nestIsSnug: (mark: string) => `Nest ${mark} is the snug one`,
  gaugeItNow: 'Gauge it now…',
  terminationsWaitForThis: (left: number) =>
    `${plural(left, 'termination')} ${left === 1 ? 'waits' : 'wait'} for this setup. A ratchet is never opened early: the release comes at the end of the stroke.`,
  sheetThatComesWith: 'The sheet that comes with the tool always wins.',
  strandBundleAndInsulation: 'strand bundle and insulation of this wire',
  itsCard: 'The row of the tool’s card',
  namedFor: (contact: string) => `named for ${contact}`,
}
