import { plural } from '@/words/figures'

/** What `MatchRows` says. */
export const matchRowsWords = {
  foundAgain: (count: number) => `${plural(count, 'wire')} found again`,
  newWord: (fresh: number) => `, ${String(fresh)} new`,
  nobodyWantsTakenOut: (wires: string) => `◆ nobody wants ${wires}: taken out`,
  wiresMatched: 'Wires matched',
  wanted: 'Wanted',
  signal: 'Signal',
  isWire: 'Is the wire',
  foundBy: 'Found by',
  wireThatIs: (wire: string) => `Wire that ${wire} is`,
  newOne: 'a new one',
  putItIntoGrid: 'Put it into the grid as the wanted pinout',
  backToColumns: 'Back to the columns',
}
