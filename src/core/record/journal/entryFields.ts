import { setupPartIds } from '../../craft/crimp/setupPart'
import { z } from 'zod'
import { factsSchema } from '../../parts/catalogue/schema'
import { planChangeSchema } from '../plan/schema'
import { chosenSetSchema, setupSchema } from '../../craft/setup/schema'

/** The blocks of which the entries of a journal are built. A kind of entry is handed them, so that it needs no schema to be loaded. */

const unit = z.number().int().min(1)
const key = z.string().min(1).max(60)
const term = z.string().regex(/^\d+\/[^/]+\/[ab]$/, 'a termination is unit/wire/side, like 1/W07/a')
const above0 = z.number().positive()
const text = z.string().trim().min(1).max(500)

const look = z.strictObject({ look: key, seen: z.boolean() })
/** what the house rules let some benches do, and was done */
const practices = z.array(key).max(9).optional()
/** what helped a contact in or out, where the house rules let it */
const helps = z.array(key).max(5).optional()
/** the instrument that gave the figure, as it names itself; left out when a hand typed it */
const readBy = z.string().max(120).optional()
const breaks = z.enum(['pulled-out', 'broke-at-crimp', 'broke-in-wire']).optional()
/** pulled by hand, no figure: it held, or came off */
const pulledByHand = z.enum(['held', 'came-off']).optional()
/** it seemed too strong for copper: asked about, and meant */
const meant = z.literal(true).optional()
const setupPart = z.enum(setupPartIds)

export const entryFields = {
  z,
  unit,
  key,
  term,
  above0,
  text,
  look,
  practices,
  helps,
  readBy,
  breaks,
  pulledByHand,
  meant,
  setupPart,
  planChange: planChangeSchema,
  facts: factsSchema,
  chosenSet: chosenSetSchema,
  setup: setupSchema,
}
export type EntryFields = typeof entryFields
