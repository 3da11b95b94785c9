import { coded } from '../refusalAnswer'
import { z } from 'zod'
import { answer, endpoint, noAnswer } from '@/api/endpoint'
import { type StripWindow, stripWindow } from '@/core/craft/strip/stripWindow'
import type { StripShape } from '@/core/parts/catalogue/stripShape'

/** The open interface names the lower end of a closed barrel by what it comes to, whether or not a gap is asked for. */
const promised = ({ below, above }: StripWindow['limits']) => ({
  below: below === 'gap-too-small' ? 'hole-empty' : below,
  above,
})

const atLeast0 = z.number().min(0)
const above0 = z.number().positive()
const rangeMm = z
  .strictObject({ minMm: atLeast0, maxMm: atLeast0 })
  .refine((r) => r.minMm <= r.maxMm, 'min must not be above max')

export const stripWindowEndpoint = endpoint({
  method: 'POST',
  path: 'strip/window',
  summary: 'The strip length that a contact’s own dimensions ask for, and what each end of it breaks',
  input: z.discriminatedUnion('construction', [
    z.strictObject({
      construction: z.literal('closed-barrel'),
      barrelDepthMm: above0,
      cupDepthMm: atLeast0.default(0),
      gap: rangeMm,
    }),
    z.strictObject({
      construction: z.literal('open-barrel'),
      conductorBarrelMm: above0,
      transitionMm: atLeast0,
      brush: rangeMm,
      reachMm: atLeast0,
    }),
  ]),
  output: z.object({
    minMm: z.number(),
    nominalMm: z.number(),
    maxMm: z.number(),
    limits: z.object({ below: z.string(), above: z.string() }),
  }),
  fails: [422],
  handle: (input) => {
    const { construction, ...dimensions } = input
    const window = stripWindow({
      kind: construction === 'closed-barrel' ? 'closed' : 'open',
      ...dimensions,
    } as StripShape)
    return window.ok
      ? answer({ ...window.value, limits: promised(window.value.limits) })
      : noAnswer({
          ...coded(window.fault),
          message: `the smallest brush of ${window.fault.brushMinMm} mm has no room in ${window.fault.reachMm} mm`,
        })
  },
})
