/** What `JobProvider` says. */
export const jobProviderWords = {
  notWritten: (why: string) => `Not written: ${why}`,
  somebodyElseChangedSame: 'Somebody else changed the same thing in between. What you entered is kept.',
  notWrittenYetBench: 'Not written yet: the bench does not answer. Nothing is lost, try again.',
  thereIsNothingOf: 'There is nothing of yours to take back here.',
  takenBackBothStand: (entryWord: string, about: string) =>
    `Taken back: ${entryWord} ${about}. Both stand in the journal.`,
}
