/** What rules’s actions says. */
export const rulesActionsWords = {
  schoolsThatShipStay: 'The schools that ship stay as they are: copy one, and change the copy.',
}
