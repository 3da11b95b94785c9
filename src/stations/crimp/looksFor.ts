import { constructionOf } from '@/core/parts/catalogue/constructions'
import type { QueueItem } from '@/core/views/queue'
import type { JobState } from '@/core/record/state/state'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'

/** Looks that the contact of a termination asks for. */
export const looksFor = (state: JobState, item: QueueItem): readonly LookCode[] => {
  const contact = state.facts.contacts[item.set.contact]
  return contact ? constructionOf(contact).looks(contact) : []
}
