/** What rules’s actions says. */
export const rulesActionsWords = {
  schoolsThatShipStay: 'The schools that came with the bench stay as they are: copy one, and change the copy.',
}
