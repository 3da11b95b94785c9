/** What `Papers` says. */
export const papersWords = {
  buildSheet: 'Build sheet',
  pdfPinoutFacesWhat: 'PDF: pinout, faces, what was used where, results, signature',
  record: 'Record',
  jsonPlanFactsState: 'JSON: plan, facts, state and journal; another bench can read it in',
  table: 'Table',
  csvForSpreadsheetOne: 'CSV for a spreadsheet: one row a termination',
  papers: 'Papers',
}
