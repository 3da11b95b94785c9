'use server'
import { z } from 'zod'
import { chooseFamily } from '@/core/parts/choose/chooseFamily'
import { type FamilySide, familySide } from '@/core/parts/choose/familySide'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { familyReasonWords, sealingWords } from '@/words/families'
import { lockWords } from '@/words/lock'
import { heldWords } from '@/words/release'

const above0 = z.number().positive()
const wishInput = z.strictObject({
  ways: z.number().int().min(1).max(1000),
  largestA: above0.optional(),
  largestMm2: above0.optional(),
  insulationMm: above0.optional(),
  sealed: z.boolean().optional(),
  mounting: z.enum(['in-line', 'panel', 'board', 'stud']).optional(),
  vibration: z.enum(['low', 'medium', 'high']).optional(),
  fieldService: z.boolean().optional(),
  costAtMost: z.union([z.literal(1), z.literal(2), z.literal(3)]).optional(),
})

export interface FamilyAnswerWords {
  readonly family: string
  readonly name: string
  /** the smallest that would do */
  readonly housing?: {
    readonly id: string
    readonly name: string
    readonly ways: number
    readonly mates: readonly string[]
  }
  readonly more: number
  readonly why: string
  readonly side: FamilySide
  /** how it is sealed, held and locked */
  readonly made: string
}

/** Which families of the shelf would do, and in a sentence why the others do not. */
export async function chooseFamilies(wish: z.infer<typeof wishInput>): Promise<readonly FamilyAnswerWords[]> {
  const { db, catalogue: cache } = await bench()
  const catalogue = await loadCatalogue(db, cache)
  return chooseFamily(catalogue, wishInput.parse(wish)).map(({ family, housings: [first, ...more], reasons }) => ({
    family: family.id,
    name: family.name,
    ...(first && {
      housing: { id: first.id, name: first.name, ways: first.cavities.length, mates: first.mates ?? [] },
    }),
    more: more.length,
    why: reasons.map(familyReasonWords).join('; '),
    side: familySide(catalogue, family),
    made: `${sealingWords[family.sealing]} ${heldWords[family.release]}; ${lockWords[family.lock].name}.`,
  }))
}
