/** What prep’s actions says. */
export const prepActionsWords = {
  spoolsNameHasNo: 'A spool’s name has no spaces, commas, slashes or quotes, and at most 40 letters: SP-12 would do.',
  thereIsNoWire: (wireType: string) => `There is no wire type ${wireType} on the shelf.`,
}
