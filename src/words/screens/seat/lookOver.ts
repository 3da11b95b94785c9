/** What `LookOver` says. */
export const lookOverWords = {
  fromFrontEveryContact: 'From the front: every contact level with its neighbours',
  allAreLevel: 'All are level',
  fromRearSealsFlush: 'From the rear: seals flush, no wire strained',
  allIsFlush: 'All is flush',
  noneWasPushedBack: 'None was pushed back',
  contactWasPushedBack: 'A contact was pushed back',
  lockOrHousingIs: 'Lock or housing is broken',
  wasLookedOver: (end: string) => `✓ ${end} was looked over`,
  lookFromBothSides: 'Look from both sides',
  coverCanPushContact: 'A cover can push a contact back: a fault that comes and goes, and is found weeks later.',
  allLevelAllFlush: 'All level, all flush',
  oneWasPushedBack: 'One was pushed back…',
  whichOnesAreLow: 'Which ones are low?',
  cavities: 'Cavities',
  reportPushedBack: (none: string) => `Report ${none} pushed back`,
  noneAfterAll: 'None after all',
}
