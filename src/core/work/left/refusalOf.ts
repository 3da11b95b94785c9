import type { Entry } from '../../record/journal/entry'
import type { Moment, Refusal } from '../../record/journal/entryKind'
import type { Folded } from '../../record/journal/folded'
import { workAhead } from './workAhead'
import { refusalGiven } from '../../record/journal/admission'

/**
 * May this entry be appended now? The same answer on the bench and on the server; the server's counts.
 * @returns undefined when it may, else why not
 */
export const refusalOf = (folded: Folded, entry: Entry, moment: Moment): Refusal | undefined =>
  refusalGiven(folded, entry, moment, workAhead)
