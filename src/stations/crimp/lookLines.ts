import type { CheckLine } from '@/ui/card/CheckList'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'
import { tabMmOf } from '@/core/craft/stroke/strokeRoutine'
import type { Contact } from '@/core/parts/catalogue/types'
import { lookWords, tabWords } from '@/words/crimp'

/** Looks as a card ticks them; where a contact came on a strip, with how much of its tab may stay. */
export function lookLines(looks: readonly LookCode[], contact: Contact | undefined): readonly CheckLine[] {
  const tabMm = contact && tabMmOf(contact)
  return looks.map((look) => ({
    id: look,
    words: lookWords[look].line,
    ...(look === 'contact-straight' && tabMm !== undefined && { hint: tabWords(tabMm) }),
    seen: lookWords[look].seen,
  }))
}
