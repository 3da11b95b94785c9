import { z } from 'zod'
import { contactSchema } from '@/core/parts/catalogue/schema/contact'
import type { CrimpMade } from '@/core/craft/specimen/specimenTypes'

/** A contact as the shelf places it: its sheet, and the family that it belongs to. */
const placedContact = z.looseObject({ family: z.string() }).transform(({ family, ...sheet }, context) => {
  const read = contactSchema.safeParse(sheet)
  if (read.success) return { ...read.data, family }
  context.addIssue({ code: 'custom', message: 'is no contact' })
  return z.NEVER
})

/** A piece for a stand-in, which cannot see what the hand has laid in. A real instrument never hears of it. */
export const pieceSchema = z.strictObject({
  made: z.strictObject({
    contact: placedContact,
    strands: z.number().int().min(0).max(10_000),
    strandMm: z.number().positive(),
    insulationMm: z.number().positive(),
    stripMm: z.number().min(0),
    endShortMm: z.number(),
    strandsLost: z.number().int().min(0),
    compaction: z.number().min(0).max(2),
    wingClosure: z.number().min(0).max(1).optional(),
    toolOffMm: z.number().optional(),
  }),
  heightMm: z.number().positive(),
})

export interface PieceToLay {
  readonly made: CrimpMade
  readonly heightMm: number
}
