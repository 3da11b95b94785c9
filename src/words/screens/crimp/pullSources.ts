/** What `PullSources` says. */
export const pullSourcesWords = {
  noFigureThisWire: 'no figure: this wire is outside the table',
  pull: (from: string) => `Pull: ${from}.`,
  estimatedFromCompactionTo: 'estimated from compaction 0.80 to 0.90',
  height: (estimate: string) => `Height: ${estimate}.`,
}
