import type { ReleaseId } from '@/core/parts/catalogue/releaseMechanisms'
import type { FamilyInput } from '@/core/parts/catalogue/types'

/** What `KindStep` says. */
export const familyKindWords = {
  namesAndSheet: 'Names and sheet',
  sealing: 'How are its wires sealed?',
  sealings: {
    none: 'not sealed',
    'wire-seal': 'a seal on each wire',
    'mat-seal': 'a mat with open holes',
    'mat-self-piercing': 'a mat that is pierced',
  } satisfies Record<FamilyInput['sealing'], string>,
  howContactIsHeld: 'How is a contact held?',
  held: {
    finger: 'finger of the housing',
    barbs: 'its own barbs',
    'window-lance': 'lance under a window',
    'rear-sleeve': 'clip, freed from the rear',
    'side-tang': 'tang at an open side',
    neck: 'by its neck, under a gate',
    comb: 'the comb alone',
    clamp: 'screw of a clamp',
    stud: 'nut on a stud',
    none: 'a joint of its own',
  } satisfies Record<ReleaseId, string>,
  secondLock: 'What locks behind it?',
  lockIsSaidLater: 'How each half’s own lock moves is said at its step.',
  asPeopleCallIt: 'as people call it',
  shortNoSpaces: 'short, no spaces',
  whereItsFiguresStand: 'where its figures stand',
  revision: 'Revision',
  figuresAre: 'The figures are',
  fromSheet: 'from the sheet',
  measuredHere: 'measured',
  estimated: 'estimated',
  plugTakes: 'The plug takes',
  receptacleTakes: 'The receptacle takes',
  sockets: 'sockets',
  pins: 'pins',
  both: 'pins or sockets',
  whichWayUpContact: 'Which way up a contact goes in',
  forExample: 'lance toward the latch',
}
