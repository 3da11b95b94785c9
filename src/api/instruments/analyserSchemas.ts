import { z } from 'zod'
import { hiddenFaultKinds } from '@/core/craft/practice/hiddenFault'

const job = z.string().min(1).max(80)
const unit = z.number().int().min(1)

/** What a screen asks the analyser for. */
export const scanSchema = z.strictObject({ job, unit, belowOhm: z.number().positive().max(1e6) })
export const watchSchema = z.strictObject({ job, unit, wires: z.array(z.string().min(1).max(60)).min(1).max(2048) })
/** `none`, `all`, or a contact and how it is moved: `1/W3/b bend` */
export const moveSchema = z.strictObject({ to: z.string().min(1).max(80) })
/** Faults to hide in the stand-in, for practice; none takes out those that are there. */
export const practiceSchema = z.strictObject({
  job,
  unit,
  hide: z.array(z.enum(hiddenFaultKinds)).max(10).optional(),
  reveal: z.literal(true).optional(),
})
