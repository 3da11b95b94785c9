import { capital, newtons } from '@/words/figures'

/** What `LockCard` says. */
export const lockCardWords = {
  allContactsLevelSeen: 'All contacts level, seen from the front',
  theyAreLevel: 'They are level',
  neverForced: (way: string) => `${way}; never forced`,
  isClosed: (cover: string) => `${capital(cover)} is closed`,
  lightTugAtEach: 'Light tug at each wire',
  lightTugAtEachWire: 'Light tug at each wire,',
  tugForce: (tugN: number) => newtons(tugN),
  allHeld: 'All held',
  itWillNotClose: 'It will not close',
  backToOpen: 'Back to open',
  toItsPartWay: 'To its part-way stop',
  lockOrHousingIs: 'Lock or housing is broken',
  ofAreClosed: (name: string, end: string, several: boolean) =>
    `✓ The ${name} of ${end} ${several ? 'are' : 'is'} closed`,
  closeThe: (name: string) => `Close the ${name}`,
  itStandsAtIts: '◆ It stands at its part-way stop: contacts still go in.',
  howItGoesIn: (name: string) => `How the ${name} goes in`,
  notYet: '◆ Not yet:',
  isNotHome: (wires: string, one: boolean) => `${wires} ${one ? 'is' : 'are'} not home.`,
  lockIsClosed: 'Lock is closed',
  itWillNotCloseAsk: 'It will not close…',
  onlyToItsPart: 'Only to its part-way stop',
  toOpenIt: 'To open it',
  openItAgain: 'Open it again',
  itClosesAfterAll: 'It closes after all',
  thisOneStandsLow: 'This one stands low (1 to 6)',
  neverForceItOne: 'Never force it: one contact is not home',
  lookAtTheseFrom: 'Look at these from the front, in this order. Which one stands low?',
  contactsToLookAt: 'Contacts to look at, in order',
}
