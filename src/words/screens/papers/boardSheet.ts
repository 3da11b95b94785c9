/** What papers’s boardSheet says. */
export const boardSheetWords = {
  board: 'board drawing',
  tiles: 'board, 1:1',
  urnBench: 'Urn Bench',
  noLayout: 'Nobody has said how the bundle lies: lay it out at Close.',
  boardRev: (rev: string, rules: string, stamp: string) =>
    `Board drawing, rev ${rev}, house rules ${rules}. Lengths from the rear of the connectors. Made ${stamp}.`,
  stretches: 'Stretches',
  columns: ['', 'from – to', 'length', 'wires', 'Ø packed', 'as laid', 'sleeve', 'tie', 'ties', 'ties at, mm'],
  tileOf: (title: string, tile: number, tiles: number, row: number, column: number) =>
    `${title}: sheet ${String(tile)} of ${String(tiles)}, row ${String(row)}, column ${String(column)}. 1:1, join at the marks; print without scaling.`,
}
