/** What `PullSources` says. */
export const pullSourcesWords = {
  noFigureThisWire: 'no figure: this wire is outside the table',
  contactsSheet: 'the contact’s sheet',
  checkYourOwnCopy: (table: string) => `${table}, check your own copy`,
  generalFigureOfNo: (table: string) => `general figure of ${table}, no sheet`,
  pull: (from: string) => `Pull: ${from}.`,
  estimatedFromCompactionTo: 'estimated from compaction 0.80 to 0.90',
  height: (estimate: string) => `Height: ${estimate}.`,
}
