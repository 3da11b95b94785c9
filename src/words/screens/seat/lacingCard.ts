/** What `LacingCard` says. */
export const lacingCardWords = {
  seeWhereItRuns: 'See where it runs, and what is tied to it',
  iSeeIt: 'I see it',
  cutTiesAndLacing: 'Cut ties and lacing only, the blade away from the wires',
  neverPullWireThrough: 'never pull a wire through a tight tie',
  itLiesFree: 'It lies free',
  openLacingAlong: 'Open the lacing along',
  lacingIsOpen: 'The lacing is open',
  thereIsNoLacing: 'There is no lacing along it',
  itStandsAtClose: 'It stands at Close until it is laced again.',
}
