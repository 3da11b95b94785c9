/** What `PlaceFrame` says. */
export const placeFrameWords = {
  today: 'Today',
  allOpenJobs: 'All open jobs',
  shelf: 'Shelf',
  familiesPartsStock: 'Families, parts, stock',
  crib: 'Crib',
  toolsAndInstruments: 'Tools and instruments',
  ledger: 'Ledger',
  chartsFirstTriesScrap: 'Charts, first tries, scrap, tools',
  houseRules: 'House rules',
  schoolsAndWhatThey: 'The schools and what they differ about',
  goTo: (place: string) => `Go to ${place}`,
  goKey: (key: string) => `G ${key}`,
}
