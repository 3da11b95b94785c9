/** What `SleeveBarrel` says. */
export const sleeveBarrelWords = {
  strandsLevelWithTip: 'strands level with the tip',
  conductorShowsHere: 'conductor shows here',
  conductorAtStop: 'conductor at the stop',
}
