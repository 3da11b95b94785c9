/** What `FindButton` says. */
export const findButtonWords = {
  findAnything: 'Find anything',
  findOrScan: 'Find or scan',
}
