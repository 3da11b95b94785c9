/** What plan’s exportPinout says. */
export const exportPinoutWords = {
  fromEnd: 'from end',
  fromCavity: 'from cavity',
  fromHousing: 'from housing',
  toEnd: 'to end',
  toCavity: 'to cavity',
  toHousing: 'to housing',
}
