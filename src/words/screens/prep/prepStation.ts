/** What `PrepStation` says. */
export const prepStationWords = {
  restWaitsUntilFirst:
    'The rest waits until the first piece of its setup is released: a wrong strip must not be found after the batch.',
  restWaitsUntilSet: 'The rest waits until a set is chosen for it at Kit.',
  backToStrip: 'Back to the strip',
  cutList: 'Cut list',
  terminationsBySetup: 'Terminations by setup',
  cutListAllCut: 'Cut list: all cut',
  cutListToCut: (toCut: number) => `Cut list: ${String(toCut)} to cut`,
  nothingToPrepareYet: 'Nothing to prepare yet: Kit has to choose a set for a termination first.',
}
