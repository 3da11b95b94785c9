/** What seat’s actions says. */
export const seatActionsWords = {
  pieceMustBeShorter: 'The piece must be shorter than the wire that it goes into.',
}
