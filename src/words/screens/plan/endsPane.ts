import { plural } from '@/words/figures'

/** What `EndsPane` says. */
export const endsPaneWords = {
  importPinout: 'Import a pinout…',
  whichFamily: 'Which family?',
  checkMatedPair: 'Check a mated pair',
  ends: 'Ends',
  addEnd: 'Add an end…',
  changeEnd: (end: string) => `Change end ${end}…`,
  olderThanShelf: (older: number) => `◆ ${plural(older, 'fact')} older than the shelf`,
  exportCsv: 'Export CSV',
  xlsx: 'XLSX',
}
