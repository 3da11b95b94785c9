import { metres, plural } from '@/words/figures'

/** What `RevisionPane` says. */
export const revisionPaneWords = {
  backToPinout: 'Back to the pinout',
  applyRevision: 'Apply the revision',
  contactsToTakeOut: 'Contacts to take out',
  contactsToScrap: 'Contacts to scrap',
  sealsLost: 'Seals lost',
  toStripAgain: 'To strip again',
  toShorten: 'Wires to shorten',
  toCrimpAgain: 'To crimp again',
  wireLost: 'Wire lost',
  revision: 'Revision',
  thisChangeUndoesWork: (count: number) =>
    count === 0 ? 'This change undoes no work' : `This change moves or undoes work on ${plural(count, 'wire')}`,
  wire: 'Wire',
  whatBecomesOfIt: 'What becomes of it',
  isLongFromTo: (lengthMm: number, end: string, end2: string) =>
    `is ${metres(lengthMm)} long: from ${end} to ${end2} even`,
  hasGiveItIts: (likeMm: number) => `has ${metres(likeMm)}. Give it its new length, and it is cut anew.`,
  part: 'Part',
  name: 'Name',
  kit: 'Kit',
  wouldHaveNoWorkable: (count: number) => `◆ ${plural(count, 'termination')} would have no workable set: Kit says why.`,
  scrappedContactsSealsAnd:
    'Scrapped contacts, seals and wire are counted; what is taken out and seated again stands at Seat, what is made again at Prep and Crimp.',
}
