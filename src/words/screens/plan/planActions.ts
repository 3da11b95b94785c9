/** What plan’s actions says. */
export const planActionsWords = {
  thisJobIsNot: 'This job is not there any more.',
}
