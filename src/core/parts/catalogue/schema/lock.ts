import { z } from 'zod'
import { above0, id } from './figures'

export const lockKindIds = ['none', 'wedge', 'tail-cover', 'comb', 'cap', 'gate'] as const

/**
 * The second lock of one half, as its sheet says: the two halves of a family differ. What is left out is as the kind has it.
 */
export const secondLockSchema = z.strictObject({
  /** its kind, where it is not that of the family */
  kind: z.enum(lockKindIds).optional(),
  madeAs: z.enum(['separate', 'hinged', 'sliding']).optional(),
  /** from which side it goes in, and hand or tool gets at it */
  access: z.enum(['front', 'side', 'rear']).optional(),
  way: z.enum(['one-way', 'reversible']).optional(),
  /** the side of it that goes in first */
  leads: z.string().trim().min(1).max(60).optional(),
  /** how far in its part-way stop is, and how far it is home */
  partWayMm: above0.optional(),
  homeMm: above0.optional(),
  moves: z.enum(['after', 'before-and-after', 'off-and-on']).optional(),
  /** where it stands while contacts go in */
  whileInserting: z.enum(['out', 'at-stop']).optional(),
  /** how far it goes to its stop when it is opened */
  opensMm: above0.optional(),
  /** the end of it that goes first, and how far each end goes at a time: one that goes alone tears something */
  opensFirst: z.string().trim().min(1).max(60).optional(),
  byTurnsMm: above0.optional(),
  /** where on the face that end is: at its mark, or away from it */
  opensAt: z.enum(['mark', 'far']).optional(),
  /** what tears when it is opened badly, as its sheet warns */
  tears: z.string().trim().min(1).max(120).optional(),
  out: z.enum(['drawn', 'hooked', 'prised', 'spread']).optional(),
  /** the tool that it comes out with, and which end of it */
  tool: id.optional(),
  toolEnd: z.string().trim().min(1).max(40).optional(),
})
