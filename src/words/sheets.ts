import type { FamilyFault } from '@/core/parts/sheets/readFamily'
import type { HousingProblem } from '@/core/parts/sheets/housingFindings'
import type { SheetProblem } from '@/core/parts/sheets/sheet'
import { arrangementWords } from './catalogue'
import { list, mm2, plural } from './figures'
import { quantityWords } from './quantity'

/** What is wrong with a cell of a sheet, and what would be right. */
export function sheetProblemWords(problem: SheetProblem): string {
  switch (problem.kind) {
    case 'missing':
      return 'Empty: fill it in.'
    case 'bad-id':
      return 'An id has no spaces, commas or quotes.'
    case 'too-long':
      return `At most ${String(problem.limit)} signs.`
    case 'quantity':
      return quantityWords(problem.fault, problem.dimension)
    case 'no-number':
      return 'A number is wanted.'
    case 'not-whole':
      return `A whole number from ${String(problem.min)} to ${String(problem.max)}.`
    case 'no-choice':
      return `One of ${list([...problem.of], 8)}.`
    case 'twice':
      return 'It stands twice: each needs an id of its own.'
    case 'unknown':
      return problem.known.length === 0
        ? `No such ${problem.what}: there is none yet.`
        : `No such ${problem.what}; there are ${list([...problem.known], 8)}.`
    case 'bare-among-units':
      return `Others of this column say ${problem.unit}, this one says nothing: write its unit too.`
    case 'min-above-max':
      return 'It is below the figure before it.'
    case 'not-as-many':
      return `${plural(problem.wanted, 'number')} ${problem.wanted === 1 ? 'is' : 'are'} wanted here, one for each way; there ${problem.found === 1 ? 'is' : 'are'} ${String(problem.found)}.`
    case 'contradicts':
      return `Row ${String(problem.row)} is for the same contact and wire, and says otherwise.`
    case 'metal-off':
      return `These strands are ${mm2(problem.metalMm2)}, the print says ${mm2(problem.printedMm2)}: one of them is another wire’s.`
    case 'inside-metal':
      return `That is inside the metal of ${mm2(problem.metalMm2)}.`
  }
}

/** What is wrong with a field of a housing. */
export function housingProblemWords(problem: HousingProblem): string {
  switch (problem.kind) {
    case 'missing':
      return 'Fill it in.'
    case 'bad-id':
      return 'An id has no spaces, commas or quotes.'
    case 'twice':
      return 'Another housing has that number.'
    case 'unknown-size':
      return `“${problem.size}” is not among the sizes${problem.known.length > 0 ? `: ${list([...problem.known], 8)}` : ' yet'}.`
    case 'not-numbers':
      return 'A figure is wanted.'
    case 'not-positive':
      return 'It must be above 0.'
    case 'not-counts':
      return 'A whole number is wanted.'
    case 'bad-list':
      return `“${problem.found}” is none: no spaces, commas or quotes.`
    case 'arrangement':
      return `${arrangementWords(problem.fault)}.`
  }
}

export const sheetTitles = {
  sizes: 'Contact sizes',
  contacts: 'Contacts',
  terminals: 'Terminals and splices',
  pulls: 'Pull minima',
  seals: 'Wire seals',
  parts: 'Small parts',
  placard: 'Placard rows',
} as const

/** The small tables of a housing. */
export const housingSheetTitles = {
  cavities: 'Cavities',
  keys: 'Keys and slots',
  oddSizes: 'Cavities of another size',
} as const

/** The fields of a family's head, as the editor calls them. */
export const familyHeadWords = { name: 'Family', id: 'Id', document: 'Sheet' } as const

/** A fault of a family in one line, with its place. */
export function familyFaultWords(fault: FamilyFault): string {
  switch (fault.at) {
    case 'head':
      return `${familyHeadWords[fault.field]}: ${sheetProblemWords(fault.problem)}`
    case 'sheet':
      return `${sheetTitles[fault.sheet]}, row ${String(fault.row + 1)}, ${fault.column}: ${sheetProblemWords(fault.problem)}`
    case 'housing-cell':
      return `Housing ${String(fault.housing + 1)}, ${housingSheetTitles[fault.sheet].toLowerCase()}, row ${String(fault.row + 1)}, ${fault.column}: ${sheetProblemWords(fault.problem)}`
    case 'housing':
      return `Housing ${String(fault.housing + 1)}, ${fault.field}: ${housingProblemWords(fault.problem)}`
  }
}

/** A sheet as a grid calls it. */
export const sheetWords = (label: string) => ({ label, row: 'row', rows: 'rows', filterHint: 'filter, or faulty' })

export const sheetNotes = {
  begin: 'Type, or paste from a spreadsheet with its headings. What is not on the sheet stays empty.',
  pasted: (rows: number, byHeadings: boolean, ignored: readonly string[]) =>
    `${plural(rows, 'row')} pasted${byHeadings ? ' by their headings' : ''}${ignored.length > 0 ? `; not read: ${ignored.join(', ')}` : ''}.`,
}
