/** What app’s layout says. */
export const appLayoutWords = {
  urnBench: 'Urn Bench',
  sUrnBench: '%s · Urn Bench',
  rightContactSealDie: 'The right contact, seal, die and setting for every wire, from Plan to Close.',
}
