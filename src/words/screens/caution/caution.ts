/** What `Caution` says. */
export const cautionWords = {
  caution: 'Caution',
  cautionMark: '◆ Caution.',
  doneAndUnderstood: 'Done and understood',
}
