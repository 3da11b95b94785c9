import { plural } from '@/words/figures'

/** What `KitParts` says. */
export const kitPartsWords = {
  reservedWhatIsThere: (parts: string) => `Reserved what is there. Short: ${parts}.`,
  partsAreFreeAgain: 'The parts are free again.',
  allPartsAreReserved: 'All parts are reserved for this job.',
  backToTerminations: 'Back to the terminations',
  givePartsBack: 'Give the parts back',
  takeParts: 'Take the parts',
  partsOfJob: 'Parts of the job',
  parts: 'Parts',
  needTestPiecesSpares: 'need + test pieces + spares',
  csv: 'CSV',
  xlsx: 'XLSX',
  pdf: 'PDF',
  part: 'part',
  what: 'what',
  together: 'together',
  free: 'free',
  short: 'short',
  supplyAndSetups: 'Supply and setups',
  allPartsAreThere: 'All parts are there',
  partsShort: (count: number) => `${plural(count, 'part')} short`,
  toBuy: 'To buy:',
  inPacksOfTable: 'in the packs of the table.',
  takePartsForThis: 'Take the parts for this job',
  crimped: (total: number, crimped: number, firstPieces: number) =>
    `${plural(total, 'termination')}, ${String(crimped)} crimped; ${plural(firstPieces, 'first piece')}`,
  houseRulesForEach: (rules: string, firstPieces: number, sparePercent: number, spareLeast: number) =>
    `House rules: ${rules}. ${plural(firstPieces, 'first piece')}: one release of each setup for each contact on each conductor in it, its thinnest and thickest insulation tried. ${String(sparePercent)} % spares and at least ${String(spareLeast)}.`,
  test: (show: string) => `${show} test`,
  spare: (show: string) => `${show} spare`,
  notCounted: 'not counted',
  taken: (show: string) => `✓ ${show} taken`,
  buy: (packs: number, pack: string) => `buy ${String(packs)} × ${pack}`,
}
