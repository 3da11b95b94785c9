/** What `SetSources` says. */
export const setSourcesWords = {
  setting: (source: string) => `Setting: ${source}.`,
  stripSheetsOwnLength: (sheet: boolean) =>
    `Strip: ${sheet ? 'the sheet’s own length' : 'contact’s dimensions and house rules'}.`,
  heightEstimatedFromCompaction: (estimate: boolean) =>
    `Height: ${estimate ? 'estimated from compaction 0.80 to 0.90' : 'die card'}.`,
}
