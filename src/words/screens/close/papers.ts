import { plural } from '@/words/figures'

/** What `Papers` and `CheckSheet` say. */
export const papersWords = {
  buildSheet: 'Build sheet',
  pdfPinoutFacesWhat: 'PDF: pinout, faces, what was used where, results, signature',
  testRecord: 'Test record',
  certificateAndTests: 'PDF: certificate, then every test with its figures',
  pinout: 'Pinout drawing',
  bothFaces: 'PDF: both faces of each end, cavity by cavity',
  board: 'Board drawing',
  toScale: 'PDF: to scale on one page, with its stretches',
  boardTiles: 'Board, 1:1',
  oneToOne: 'PDF: sheets of A4 with register marks',
  labels: 'Labels',
  withCodes: 'PDF: wires and ends, with codes for the scanner',
  kitList: 'Kit list',
  partsAndBringList: 'PDF: parts, setups, what to bring',
  movePlan: 'Move plan',
  beforeAndAfter: 'PDF: before and after, step by step',
  record: 'Record',
  jsonPlanFactsState: 'JSON: plan, facts, state and journal; another bench can read it in',
  recordAndPhotos: 'Record with photos',
  withPictures: 'JSON: the same, with its pictures, as one file',
  table: 'Table',
  csvForSpreadsheetOne: 'CSV for a spreadsheet: one row a termination',
  workbook: 'Workbook',
  sameAsXlsx: 'XLSX: the same rows, figures as figures',
  papers: 'Papers',
  labelSize: 'Labels on',
  codeOfSheet: 'Code of a printed sheet',
  likeThis: '118-3f9a2c41d07be512',
  unanswered: 'The bench does not answer: nobody can say now.',
  sheetSays: (matches: boolean, signed: boolean, since: number) =>
    !matches
      ? '▲ The record is not what this sheet was made of.'
      : `✓ As this sheet says, ${signed ? 'signed' : 'not signed'}${since === 0 ? '.' : `; ${plural(since, 'entry', 'entries')} since.`}`,
}
