/** What papers’s paper says. */
export const paperWords = {
  nothingYet: 'nothing yet',
  urnBench: 'Urn Bench',
  notWhole: 'THE RECORD IS NOT WHOLE',
  revEntryPageOf: (title: string, rev: string, id: string, seq: number, at: number, pages: number) =>
    `${title}, rev ${rev}   ${id}   entry ${String(seq)}   page ${String(at)} of ${String(pages)}`,
}
