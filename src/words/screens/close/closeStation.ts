import { plural } from '@/words/figures'

/** What `CloseStation` says. */
export const closeStationWords = {
  toClose: 'To close',
  board: 'Board',
  howItLies: 'how it lies',
  layItOut: 'say how it lies',
  roundShells: 'Round shells',
  backshellNut: 'backshell, nut, safety',
  toRest: 'set it to rest',
  tooShort: 'too short for a tie',
  pitch: (mm: string) => `pitch ${mm}`,
  oneTie: 'one tie',
  isSigned: 'signed',
  lacingRenewIt: (open: boolean) => `lacing: ${open ? 'renew it' : 'not opened yet'}`,
  tray: 'Tray',
  toolsBackScrapFound: 'tools back, scrap found',
  somethingIsMissing: 'something is missing',
  countIt: 'count it',
  sign: 'Sign',
  leftBefore: (workLeft: number) => `${plural(workLeft, 'task')} left before`,
  buildersSignature: 'the builder’s signature',
  second: 'Second',
  anotherPersonsSignature: 'another person’s signature',
  bundles: 'Bundles',
  bundle: 'Bundle',
  overBareWiresPacked: 'over the bare wires, packed as tight as they go; a sleeve one size up',
  byArea: (unit: string, many: boolean) => `${unit}${many ? ', by area' : ''}`,
  signatures: 'Signatures',
  coversEntriesTo: (role: string, dayTime: string, covers: number) =>
    `, ${role}, ${dayTime}, covers entries 1 to ${String(covers)}`,
  reopenedSince: ' (reopened since)',
}
