import { plural } from '@/words/figures'

/** What `NewJobPlace` says. */
export const newJobPlaceWords = {
  recordIsHere: (name: string) => `✓ The record in ${name} is here already: nothing was doubled.`,
  openThatJob: 'Open that job',
  readAsCopy: 'Read it in as a copy',
  buildIt: 'Build it',
  rePinHarnessThat: 'Re-pin a harness that is there',
  repairHarnessThatIs: 'Repair a harness that is there',
  thisPinoutIsLarger: 'This pinout is larger than 5 MB: split it.',
  benchCouldNotRead: 'The bench could not read it. What you dropped is kept.',
  whatYouTypedIs: 'What you typed is kept here.',
  isLargerThanMb: (dropped: string) =>
    `${dropped} is larger than 5 MB: no pinout is. Split it, or check that it is a pinout.`,
  wireToSpare: (quantity: string) => `Wire to spare: ${quantity}`,
  newJob: 'New job',
  jobWasNotMade: 'The job was not made. What you typed is kept.',
  nothingWasMadeWhat: 'Nothing was made, what you typed is kept.',
  makeJob: 'Make the job',
  makeOfSound: (faulty: number) =>
    `Make it of the rows that can be read; ${plural(faulty, 'row')} ${faulty === 1 ? 'waits' : 'wait'} in its grid`,
  openFile: 'Open a file',
  thePinout: 'The pinout',
  pinoutFile: 'Pinout file',
  openCsvOrXlsx: 'Open a pinout (CSV, XLSX) or a job’s record (JSON), or drop it here',
  orPasteItsRows: 'or paste its rows, headings first',
  columnsByNameIn:
    'Columns by name, in any order: wire, type, colour, from end, from cavity, to end, to cavity, length; signal, current, group, note, from housing, to housing if you like. An open side has neither end nor cavity; a terminal (RG-1-4) or “splice S1” stands alone in the end’s column.',
  theJob: 'The job',
  title: 'Title',
  mastHeadLoom: 'Mast head loom',
  whatIsToBe: 'What is to be done',
  wireToSpareAt: 'Wire to spare at each, if you know it',
  pinoutAsItIs: (rePin: boolean) =>
    `The pinout as it is now: everything in it counts as crimped and seated. ${rePin ? 'What is wanted comes next, as a changed pinout at Plan.' : 'What is wrong is reported at Seat, with X at its cavity.'}`,
  housingOfEnd: (end: string, wires: number) => `Housing of end ${end}, ${plural(wires, 'wire')}`,
  choose: 'choose',
  nothingIsWrittenUntil: 'Nothing is written until all rows can be read.',
  showOnlyRowsWith: 'Show only rows with a fault',
  faults: 'Faults',
  file: 'File',
  row: (row: number) => `Row ${String(row)}`,
  allCanBeRead: (wires: number, ends: number) => `✓ ${plural(wires, 'wire')}, ${plural(ends, 'end')}: all can be read.`,
  notRead: (columns: string) => ` Not read: ${columns}.`,
  hereYouSeeEvery: 'Here you see every row as it will be read.',
  faultNamesItsRow:
    'A fault names its row and column, what stands there, and what would be right. Lengths may be said as 620 mm, 0,62 m or 24 in.',
  rows: 'ROWS',
  ends: 'ends',
  faultsHead: 'faults',
  example: `wire,type,colour,from end,from cavity,to end,to cavity,length,signal,current
W1,TW-0.75,RD,P1,1,P2,1,620 mm,beacon supply,0.8 A`,
  spareLike: '12 mm',
  andMoreAlike: (count: number) => `and ${count} more like these`,
}
