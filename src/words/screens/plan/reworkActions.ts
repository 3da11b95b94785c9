/** What plan’s reworkActions says. */
export const reworkActionsWords = {
  shelfDoesNotHave: 'The shelf does not have that housing any more.',
}
