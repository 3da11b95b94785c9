import { constructionOf } from '@/core/parts/catalogue/constructions'
import type { DefectCode } from '@/core/craft/crimp/looks'
import type { QueueItem } from '@/core/views/queue'
import type { JobState } from '@/core/record/state/state'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'

/** A fault that is being reported: at which look, and what is seen. */
export interface Reported {
  readonly look: LookCode
  readonly defect?: DefectCode
}

/** A height that was measured on the piece, as an entry says it. */
export interface MeasuredHeight {
  readonly heightMm: number
  readonly heightBy?: string
}

/** Looks that the contact of a termination asks for. */
export const looksFor = (state: JobState, item: QueueItem): readonly LookCode[] => {
  const contact = state.facts.contacts[item.set.contact]
  return contact ? constructionOf(contact).looks(contact) : []
}
