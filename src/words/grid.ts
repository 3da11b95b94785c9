import type { GridColumnId, GridProblem } from '@/core/record/grid/columns'
import { list } from './figures'
import { quantityWords } from './quantity'

/** What is wrong with a cell of the pinout, and what would be right. */
export function gridProblemWords(problem: GridProblem, said: string): string {
  const found = said === '' ? 'empty' : `“${said}”`
  switch (problem.kind) {
    case 'missing':
      return 'Empty: fill it in.'
    case 'bad-id':
      return `${found}: an id has up to 40 letters and digits, without spaces, commas, quotes or slashes.`
    case 'unknown-type':
      return `${found} is no wire type on the shelf; there are ${list(problem.known)}.`
    case 'several-types':
      return `${found} could be ${list(problem.known)}: name the one you have.`
    case 'bad-colour':
      return `${found} is no colour: letters like RD, WH/BU or GNYE, or words like red, white/blue.`
    case 'bad-place':
      return `${found} is no place. Write end and cavity, like ${problem.ends[0] ?? 'A'}.1, a terminal, “splice S1”, “with W03a” or “open”.`
    case 'unknown-end':
      return problem.ends.length === 0
        ? `${found}: the job has no ends yet. Add one at the left.`
        : `${found}: the job has the ends ${list(problem.ends)}.`
    case 'unknown-cavity':
      return `${found} is no cavity of ${problem.housing}; it has ${list(problem.known, 12)}.`
    case 'quantity':
      return quantityWords(problem.fault, problem.dimension)
    case 'too-long':
      return `${found} is over the limit of ${problem.limit}.`
    case 'bad-group':
      return `${found}: write “twist 1”, “screen A” or “cable 2”.`
    case 'wire-twice':
      return `${found} stands twice: each wire needs an id of its own.`
    case 'cavity-taken':
      return problem.sealed
        ? `${found} is taken by ${problem.by}, and a sealed cavity takes one wire.`
        : `${found} is taken by ${problem.by}. To share its contact, write “with ${problem.by}” and the side, a or b.`
    case 'open-both-sides':
      return 'Both sides are open: give one of them a place.'
    case 'shares-nothing':
      return `${problem.with} has no contact that could be shared.`
    case 'shared-twice':
      return `${problem.with} is shared already: two wires are the most.`
    case 'sealed-takes-one':
      return `${problem.with} is in a sealed cavity, which takes one insulation only.`
    case 'splice-alone':
      return `Splice ${problem.splice} needs a second wire.`
  }
}

const cellHints: Partial<Readonly<Record<GridColumnId, string>>> = {
  length: 'A figure in mm, or with its unit: 1.2 m, 47 in.',
  current: 'The load that it carries, like 4.5 or 20 mA.',
  group: 'Wires that belong together: twist 1, screen A, cable 2.',
  type: 'A wire type of the shelf, or its printed size: 0.5 mm2, 20 awg. For wet places a plated one: bare copper blackens under its insulation.',
}

/** What to know about the cell in hand. */
export const pinoutHints = {
  newWire: (id: string) => `Type here for a new wire: it will be ${id}.`,
  colour: (end: string | undefined, free: string | undefined) =>
    end === undefined || free === undefined
      ? 'Letters, like RD, WH/BU or GNYE, or words: white/blue.'
      : `Letters or words, like RD or white/blue. Not yet at ${end}: ${free}.`,
  place: (ends: readonly { readonly end: string; readonly free: number }[]) =>
    `End and cavity like A.1, a terminal’s part number, “splice S1”, “with W03a”, or “open”. Free: ${list(ends.map(({ end, free }) => `${end} ${String(free)}`))}.`,
  of: (column: GridColumnId) =>
    cellHints[column] ??
    'Enter edits, Tab goes on, Ctrl D fills down, Ctrl Delete takes the wire out, Escape leaves the cells.',
}

/** The pinout as a grid calls it. */
export const pinoutWords = { label: 'Pinout', row: 'wire', rows: 'wires', filterHint: 'filter: red, faulty' }
