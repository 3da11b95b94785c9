/** What job’s journalClient says. */
export const journalClientWords = {
  benchDidNotTake: 'The bench did not take it.',
}
