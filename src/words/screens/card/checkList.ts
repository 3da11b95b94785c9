/** What `CheckList` says. */
export const checkListWords = {
  tickLineThatIs: 'Tick the line that is due',
  tickLineOutOf: 'Tick a line out of turn (1 to 9)',
  checks: 'Checks',
  done: 'Done',
}
