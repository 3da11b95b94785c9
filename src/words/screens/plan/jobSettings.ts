/** What `JobSettings` says. */
export const jobSettingsWords = {
  ambientC: 'Ambient °C',
  supplyV: 'Supply V',
  loadedInBundle: 'Loaded in bundle',
  units: 'How many leads',
  houseRules: 'House rules',
  temperatureBetweenAndC: 'A temperature between −60 and 250 °C.',
  voltageAbove: 'A voltage above 0.',
  wholeNumberAbove: 'A whole number above 0.',
}
