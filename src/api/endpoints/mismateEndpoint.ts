import { z } from 'zod'
import { mismate } from '@/core/craft/mismate/mismate'
import { type Carried, harms, type MismateInput, mismateWays } from '@/core/craft/mismate/mismateTypes'
import { compute } from '@/threads/compute'
import { answer, badInput, endpoint } from '../endpoint'

const id = z.string().min(1).max(60)
const half = z.strictObject({ rows: z.array(z.array(id).min(1).max(200)).min(1).max(50), keyed: z.boolean() })
const SUPPLY = 'supply'
const carried = z
  .string()
  .regex(/^(supply(:.{1,40})?|return|signal|none)$/, 'is supply, supply:NAME, return, signal or none')
/** Pins up to which it is worked out at once. */
const INLINE = 12

const readCarried = (text: string): Carried =>
  text === 'return' || text === 'signal' || text === 'none'
    ? { kind: text }
    : { kind: SUPPLY, name: text.slice(SUPPLY.length + 1) }
const sayCarried = (one: Carried): string =>
  one.kind === SUPPLY ? (one.name === '' ? SUPPLY : `${SUPPLY}:${one.name}`) : one.kind
const each = <From, To>(of: Readonly<Record<string, From>>, made: (one: From) => To): Record<string, To> =>
  Object.fromEntries(Object.entries(of).map(([pin, one]) => [pin, made(one)]))

/** `POST prove/mismate`: what meets what when two halves are joined wrongly. */
export const mismateEndpoint = endpoint({
  method: 'POST',
  path: 'prove/mismate',
  summary: 'What meets what when two halves are joined turned, shifted or mirrored, and pins that make it harmless',
  input: z.strictObject({
    a: half,
    b: half,
    signals: z.strictObject({ A: z.record(id, carried), B: z.record(id, carried) }),
    /** left out: all that the keys let happen */
    ways: z.array(z.enum(mismateWays)).min(1).max(3).optional(),
  }),
  output: z.object({
    ways: z.array(
      z.object({
        how: z.enum(mismateWays),
        meets: z.array(z.object({ a: z.string(), b: z.string(), harm: z.enum(harms) })),
        worst: z.enum(harms),
      }),
    ),
    assignment: z.object({ A: z.record(z.string(), z.string()), B: z.record(z.string(), z.string()) }).optional(),
    proof: z.literal('none-exists').optional(),
  }),
  handle: async ({ a, b, signals, ways }) => {
    const input: MismateInput = {
      a,
      b,
      signals: { A: each(signals.A, readCarried), B: each(signals.B, readCarried) },
      ...(ways && { ways }),
    }
    const found = a.rows.flat().length <= INLINE ? mismate(input) : await compute('mismate', input)
    if (!found.ok) {
      const { half: of, pin } = found.fault
      return badInput([{ path: ['signals', of, pin], message: `is no pin of ${of.toLowerCase()}` }])
    }
    const { ways: wrong, assignment, proof } = found.value
    return answer({
      ways: wrong.map((way) => ({ ...way, meets: [...way.meets] })),
      ...(assignment && { assignment: { A: each(assignment.A, sayCarried), B: each(assignment.B, sayCarried) } }),
      ...(proof && { proof }),
    })
  },
})
