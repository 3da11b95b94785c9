import { constructionOf } from '@/core/parts/catalogue/constructions'
import type { CheckLine } from '@/ui/card/CheckList'
import { lookWords } from '@/words/crimp'
import type { QueueItem } from '@/core/views/queue'
import type { JobState } from '@/core/record/state/state'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'

/** Looks as a card ticks them. */
export const lookLines = (looks: readonly LookCode[]): readonly CheckLine[] =>
  looks.map((look) => ({ id: look, words: lookWords[look].line, seen: lookWords[look].seen }))

/** Looks that the contact of a termination asks for. */
export const looksFor = (state: JobState, item: QueueItem): readonly LookCode[] => {
  const contact = state.facts.contacts[item.set.contact]
  return contact ? constructionOf(contact).looks(contact) : []
}
