import type { GridProblem } from '@/core/record/grid/columns'
import { list } from './figures'
import { quantityWords } from './quantity'

/** What is wrong with a cell of the pinout, and what would be right. */
export function gridProblemWords(problem: GridProblem, said: string): string {
  const found = said === '' ? 'empty' : `“${said}”`
  switch (problem.code) {
    case 'missing':
      return 'Empty: fill it in.'
    case 'bad-id':
      return `${found}: an id has up to 40 letters and digits, without spaces, commas, quotes or slashes.`
    case 'unknown-type':
      return `${found} is no wire type on the shelf; there are ${list(problem.known)}.`
    case 'several-types':
      return `${found} could be ${list(problem.known)}: name the one you have.`
    case 'bad-colour':
      return `${found} is no colour in IEC letters, like RD, WH/BU or GNYE.`
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
