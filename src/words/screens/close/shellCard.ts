import { figure } from '@/words/figures'

/** What `ShellCard` and `RestCard` say. */
export const shellCardWords = {
  shellOf: (end: string) => `Shell of ${end}`,
  withTool: (tool: string, block: string, timeOfDay: string) => `${tool}, block ${block}, ${timeOfDay}`,
  what: 'What is made fast',
  tool: 'With which tool',
  asked: (unit: string) => `Asked, ${unit}`,
  asItsSheetSays: 'as the sheet of its shell says',
  bySheet: 'by the sheet of the shell; leave it out where none says',
  set: (unit: string) => `Set to, ${unit}`,
  blockShows: (unit: string) => `Its block shows, ${unit}`,
  blockOff: (percent: number) => `More than ${figure(percent, 0)} % off its block: adjust it, or take another.`,
  otherThanAsked: (percent: number) => `More than ${figure(percent, 0)} % off what is asked.`,
  isFast: (what: string) => `${what} is fast`,
  secondPiece: 'A safety wire or cable that broke or slipped is taken off whole: a second piece is recorded anew.',
  rest: (tool: string) => `${tool} to rest`,
  restHow: 'Hold it to its block once more, write what it shows, then wind it back to its lowest setting.',
  wasSet: 'Was set to',
  blockAfter: 'Block shows after',
  isAtRest: 'It is at rest',
  offAfter: (percent: number) =>
    `It has drifted by more than ${figure(percent, 0)} %: what it was used on since the last check is in question.`,
}
