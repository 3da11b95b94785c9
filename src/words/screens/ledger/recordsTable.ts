import { plural } from '@/words/figures'

/** What `RecordsTable` says. */
export const recordsTableWords = {
  records: 'Records',
  head: (count: number) => plural(count, 'record'),
  whatIsChecked:
    'Every entry carries the hash of the one before it. A check reads each record from its first entry on: every link, its end, its count, and what its signatures cover.',
  check: 'Check all records',
  checking: (done: number, of: number) => `Checking ${String(done)} of ${String(of)}`,
  stop: 'Stop',
  job: 'job',
  entries: 'entries',
  state: 'state',
  record: 'record',
  signatures: 'signatures',
  signed: 'signed',
  open: 'open',
  whole: '✓ whole',
  notAnswered: '▲ the bench did not answer',
  readIn: (file: string | undefined) => `read in${file === undefined ? '' : ` from ${file}`}`,
  copyOf: (job: string) => `copy of ${job}`,
  cover: (by: string, covers: number) => `${by}, entries 1 to ${String(covers)}`,
  elsewhere: 'given elsewhere, not checked here',
  doesNotHold: 'does not hold',
  allWhole: (count: number) => `✓ All ${plural(count, 'record is', 'records are')} whole.`,
  someNot: (count: number) =>
    `▲ ${plural(count, 'record is', 'records are')} not whole. Nothing more is written to them.`,
  countCopies: 'Count copies in charts and tables too',
}
