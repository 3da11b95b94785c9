/** What a browser's tab calls each place. */
export const pageTitles = {
  crib: 'Crib',
  ledger: 'Ledger',
  newJob: 'New job',
  houseRules: 'House rules',
  shelf: 'Shelf',
}
