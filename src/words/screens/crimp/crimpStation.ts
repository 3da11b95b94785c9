/** What `CrimpStation` says. */
export const crimpStationWords = {
  terminationsBySetup: 'Terminations by setup',
  restWaitsForStrip: 'The rest waits for its wires: the next setup begins with a strip at Prep.',
  restWaitsUntilSet: 'The rest waits until a set is chosen for it at Kit.',
  nothingToCrimpYet: 'Nothing to crimp yet: Kit has to choose a set for a termination first.',
}
