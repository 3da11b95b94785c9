/** What `PlayAgain` says. */
export const playAgainWords = { showAgain: 'Show it again' }
