import type { CauseCode } from '@/core/craft/crimp/looks'
import type { Suspect } from '@/core/record/state/records'
import { causeWords } from '@/words/crimp'

const cause = (code: string): string => (code in causeWords ? causeWords[code as CauseCode] : code)

/** What `SuspectCard` says. */
export const suspectCardWords = {
  inQuestion: 'This crimp is in question',
  why: ({ tool, cause: code, foundIn }: Suspect, when: string) =>
    `${tool}: ${cause(code)}, found ${when}${foundIn === undefined ? '' : ` in the job ${foundIn}`}. This was crimped with it since it was last seen good: look at it again, pull it, or make it anew.`,
  stands: (end: string, cavity: string) =>
    ` It stands in ${end}.${cavity}: pull it by hand there, or take it out at Seat to look at it.`,
  good: 'It is good after all',
  pulled: 'Pulled by hand: held',
  pulledKey: 'Pulled by hand, held',
  fault: 'Fault…',
}
