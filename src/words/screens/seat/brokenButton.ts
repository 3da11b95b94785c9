/** What `BrokenButton` says. */
export const brokenButtonWords = {
  lockOrHousingIs: 'Lock or housing is broken…',
}
