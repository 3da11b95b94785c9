/** What `StationDone` says. */
export const stationDoneWords = {
  isDone: (stationWord: string) => `${stationWord} is done`,
  canGoNoFurther: (stationWord: string, done: number, total: number) =>
    `${stationWord} can go no further: ${String(done)} of ${String(total)} done`,
  theJob: 'The job',
  nextAt: (where: string) => `Next, at ${where}`,
  goTo: (where: string) => `Go to ${where}`,
  whatIsNext: 'What is next',
  jAndKLook: 'J and K look things up in the queue. What goes wrong later is reported from there.',
}
