import type { z } from 'zod'
import type { chosenSetSchema } from './schema'

/** What was chosen for one side of a wire, with its figures as they were on that day. */
export type ChosenSet = z.infer<typeof chosenSetSchema>
