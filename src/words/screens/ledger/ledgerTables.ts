import { plural } from '@/words/figures'

/** What `LedgerTables` says. */
export const ledgerTablesWords = {
  firstTries: 'First tries',
  rightAtFirstTry: (first: string) => `${first} right at the first try`,
  ofRejectedTestPieces: (first: number, tried: number, scrapped: number) =>
    `${String(first)} of ${plural(tried, 'termination')}; ${plural(scrapped, 'try', 'tries')} rejected. Test pieces do not count.`,
  setup: 'setup',
  contact: 'contact',
  tried: 'tried',
  firstTry: 'first try',
  rejected: 'rejected',
  share: 'share',
  scrapByCause: 'Scrap by cause',
  nothingWasRejected: 'Nothing was rejected',
  mostOften: (defectName: string) => `Most often: ${defectName}`,
  whatWasSeen: 'what was seen',
  times: 'times',
  together: 'together',
  contactsByTool: 'Contacts by tool',
  contactsSinceVerification: 'Contacts since verification',
  tool: 'tool',
  name: 'name',
  sinceVerified: 'since verified',
  inAll: 'in all',
  verified: 'verified',
  due: 'due',
  gaugedAtBench: (date: string) => `gauged at the bench, ${date}`,
  noDate: 'no date',
}
