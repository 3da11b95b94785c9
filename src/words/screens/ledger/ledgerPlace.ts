/** What `LedgerPlace` says. */
export const ledgerPlaceWords = {
  charts: 'Charts',
  firstTries: 'First tries',
  scrap: 'Scrap',
  tools: 'Tools',
  records: 'Records',
  nextSeries: 'Next series',
  seriesBefore: 'Series before',
  openEntryOfThis: 'Open the entry of this reading',
  ledger: 'Ledger',
  nothingIsRecordedYet:
    'Nothing is recorded yet. Heights, pulls and scrap of every job come together here: crimp a first piece, and it begins.',
  series: 'Series',
  made: { 'first-piece': 'first pieces', scrapped: 'scrapped' },
  nothingMeasured: 'nothing measured',
  crimpHeight: 'Crimp height',
  pulledOffAt: 'Pulled off at',
  crimpedAndNothingMeasured: 'Crimped, and nothing measured: this series has no chart.',
  whatLedgerShows: 'What the Ledger shows',
}
