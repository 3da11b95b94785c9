import { z } from 'zod'
import { movePlan } from '@/core/work/rework/movePlan'
import type { MoveFault, MoveStep } from '@/core/work/rework/moveTypes'
import { moveFaultWords } from '@/words/rework'
import { answer, badInput, endpoint } from '../endpoint'

const name = z.string().min(1).max(60)
/** More ways than any housing has; beyond it a request is a mistake. */
const WAYS_AT_MOST = 5000
const pinout = z
  .record(name, name)
  .refine((wires) => Object.keys(wires).length <= WAYS_AT_MOST, `must be at most ${WAYS_AT_MOST} cavities`)

/** `POST rework/plan`: from one pinout of a housing to another with the fewest extractions and parkings. */
export const reworkPlanEndpoint = endpoint({
  method: 'POST',
  path: 'rework/plan',
  summary: 'From one pinout of a housing to another: fewest contacts taken out, then fewest wires put aside',
  input: z.strictObject({
    before: pinout,
    after: pinout,
    sealed: z.boolean().default(false),
    plugged: z.array(name).max(WAYS_AT_MOST).default([]),
  }),
  output: z.object({
    steps: z.array(
      z.object({
        do: z.enum(['extract', 'park', 'insert', 'retire', 'bring', 'plug', 'unplug']),
        wire: z.string().optional(),
        cavity: z.string().optional(),
      }),
    ),
    extractions: z.number().int(),
    parkings: z.number().int(),
    parkedAtOnce: z.number().int(),
  }),
  handle: ({ before, after, sealed, plugged }) => {
    const plan = movePlan({
      now: new Map(Object.entries(before)),
      wanted: new Map(Object.entries(after)),
      ...(sealed && { plugged: new Set(plugged), takesPlug: () => true }),
    })
    if (!plan.ok) return badInput([{ path: pathOf(plan.fault), message: moveFaultWords(plan.fault) }])
    const { steps, extractions, parkings, parkedAtOnce } = plan.value
    return answer({ steps: steps.map(stepOf), extractions, parkings, parkedAtOnce })
  },
})

const stepOf = (step: MoveStep) => ({
  do: step.do,
  ...('contact' in step && { wire: step.contact }),
  ...('place' in step && { cavity: step.place }),
})

function pathOf(fault: MoveFault): readonly string[] {
  switch (fault.kind) {
    case 'contact-in-two-places':
      return [fault.when === 'now' ? 'before' : 'after', fault.places[1]]
    case 'loose-and-seated':
      return ['before', fault.place]
    case 'plugged-and-filled':
      return ['plugged']
  }
}
