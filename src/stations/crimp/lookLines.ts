import type { CheckLine } from '@/ui/card/CheckList'
import { lookWords } from '@/words/crimp'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'

/** Looks as a card ticks them. */
export const lookLines = (looks: readonly LookCode[]): readonly CheckLine[] =>
  looks.map((look) => ({ id: look, words: lookWords[look].line, seen: lookWords[look].seen }))
