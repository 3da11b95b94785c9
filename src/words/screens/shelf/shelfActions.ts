/** What shelf’s actions says. */
export const shelfActionsWords = {
  thereIsFamilyAlready: (family: string) => `There is a family ${family} already: give this one an id of its own.`,
  mustBeFilledIn: 'must be filled in',
  isNoNumber: 'is no number',
  isBelowNought: 'is below nought',
  isNoPartOn: 'is no part on the shelf',
  standsTwice: 'stands twice',
  andMore: (count: number) => ` And ${String(count)} more.`,
  rowNothingWasWritten: (row: number, column: string, what: string, problem: string, more: string) =>
    `Row ${String(row)}, ${column}: ${what} ${problem}.${more} Nothing was written.`,
  nothingToCountTable: 'Nothing to count: the table wants the columns part, count and reorder.',
}
