/** What kit’s actions says. */
export const kitActionsWords = {
  shelfHasChangedThat: 'The shelf has changed: that set works no more. Look again.',
  thatWireIsNot: 'That wire is not in the plan any more.',
  thereIsNoSuch: (wire: string, side: string) => `There is no such place as ${wire}${side} in the plan any more.`,
  shelfHasChangedSet: (wire: string, side: string) =>
    `The shelf has changed: the set for ${wire}${side} works no more. Work the choice out again.`,
  jobIsSignedIt: 'The job is signed: it takes no more parts.',
}
