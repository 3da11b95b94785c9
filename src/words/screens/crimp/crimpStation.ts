/** What `CrimpStation` says. */
export const crimpStationWords = {
  terminationsBySetup: 'Terminations by setup',
  restWaitsUntilSet: 'The rest waits until a set is chosen for it at Kit.',
  nothingToCrimpYet: 'Nothing to crimp yet: Kit has to choose a set for a termination first.',
}
