/** What `JobProvider` says. */
export const jobProviderWords = {
  notWritten: (why: string) => `Not written: ${why}`,
  somebodyElseChangedSame: 'Somebody else changed the same thing in between. What you entered is kept.',
  notWrittenYetBench:
    'Not written yet: the bench does not answer. It waits in this browser and is sent by itself as soon as the bench does.',
  oneBeforeIt:
    'Not written yet: an entry before it has to be decided about first. Both are listed below, where what waits is.',
  thereIsNothingOf: 'There is nothing of yours to take back here.',
  takenBackBothStand: (entryWord: string, about: string) =>
    `Taken back: ${entryWord} ${about}. Both stand in the journal.`,
}
