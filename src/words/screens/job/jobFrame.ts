/** What `JobFrame` says. */
export const jobFrameWords = {
  goTo: (stationWord: string) => `Go to ${stationWord}`,
  goToJournal: 'Go to the journal',
  goToNextStep: 'Go to the next step',
  takeYourLastEntry: 'Take your last entry back',
  nextAt: (stationWord: string) => `next, at ${stationWord}`,
  whatWasWrittenEntry: 'What was written, entry by entry',
}
