/** What device’s instrumentClient says. */
export const instrumentClientWords = {
  benchDoesNotAnswer: 'The bench does not answer. Nothing was taken: try again, or type the figure.',
  curveBrokeOffNothing: 'The curve broke off. Nothing was taken: pull another piece, or type the figure.',
  stoppedNothingWasTaken: 'Stopped. Nothing was taken.',
}
