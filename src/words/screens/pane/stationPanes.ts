/** What `StationPanes` says. */
export const stationPanesWords = {
  panes: 'What is shown',
  now: 'Now',
  queue: 'Queue',
}
