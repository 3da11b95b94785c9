import { mm } from '@/words/figures'

/** What `JournalPlace` says. */
export const journalPlaceWords = {
  journal: 'Journal',
  entriesToOfNewest: (first: number, min: number, seq: number) =>
    `Entries ${String(first)} to ${String(min)} of ${String(seq)}, newest first`,
  older: 'older',
  newer: 'newer',
  entries: 'Entries',
  journalDoesNotAnswer: '▲ The journal does not answer. Load the page again.',
  number: 'no.',
  when: 'when',
  who: 'who',
  what: 'what',
  doesNotHold: '▲ does not hold',
  hash: 'hash',
  takenBack: 'taken back',
  onChart: 'on the chart',
  nothingHereIsEver:
    'Nothing here is ever changed. Taking an entry back appends its opposite. Each entry carries the hash of the one before it.',
  takeYourLastEntry: 'Take your last entry back',
  noteForRecord: 'A note for the record',
  writeNote: 'Write the note',
  height: (heightMm: number) => mm(heightMm, 3),
}
