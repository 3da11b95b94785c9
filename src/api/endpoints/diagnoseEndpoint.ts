import { z } from 'zod'
import { diagnose } from '@/core/craft/diagnosis/diagnose'
import { type DiagnosisInput, mistakeKinds } from '@/core/craft/diagnosis/diagnosisTypes'
import { compute } from '@/threads/compute'
import { diagnosisFaultWords, mistakeWords } from '@/words/diagnosis'
import { answer, badInput, endpoint } from '../endpoint'

const id = z.string().min(1).max(60)
const point = z.string().min(3).max(121)
const groups = z.array(z.array(point).min(1).max(2000)).max(2000)
const ohm = z.number().min(0).max(1e9)
/** Pins up to which it is worked out at once. */
const INLINE = 40
const PINS_AT_MOST = 2000

/** `POST prove/diagnose`: the fewest mistakes that explain what was measured. */
export const diagnoseEndpoint = endpoint({
  method: 'POST',
  path: 'prove/diagnose',
  summary: 'The fewest mistakes that explain what was found connected, and the measurement that tells two places apart',
  input: z
    .strictObject({
      pins: z.record(id, z.array(id).min(1).max(PINS_AT_MOST)),
      /** one row when an end is left out */
      rows: z.record(id, z.array(z.array(id).min(1)).min(1)).default({}),
      expected: groups,
      measured: groups,
      resistances: z
        .array(z.strictObject({ pair: z.tuple([point, point]), ohm, expectedOhm: ohm }))
        .max(10_000)
        .default([]),
    })
    .superRefine(({ pins, rows }, context) => {
      if (Object.values(pins).flat().length > PINS_AT_MOST)
        context.addIssue({ code: 'custom', path: ['pins'], message: `must be at most ${PINS_AT_MOST} together` })
      for (const [end, own] of Object.entries(pins))
        if (new Set(own).size < own.length)
          context.addIssue({ code: 'custom', path: ['pins', end], message: 'a pin stands there twice' })
      for (const [end, own] of Object.entries(rows)) {
        const [here, known] = [
          own.flat().sort().join(' '),
          [...(Object.hasOwn(pins, end) ? (pins[end] ?? []) : [])].sort().join(' '),
        ]
        if (here !== known)
          context.addIssue({
            code: 'custom',
            path: ['rows', end],
            message: 'must have the same pins as this end, each once',
          })
      }
    }),
  output: z.object({
    mistakes: z.array(
      z.object({
        kind: z.enum(mistakeKinds),
        /** left out where the measurement cannot tell */
        end: z.string().optional(),
        pins: z.array(z.string()),
        words: z.string(),
      }),
    ),
    explains: z.boolean(),
    deciding: z.object({ pair: z.tuple([z.string(), z.string()]) }).optional(),
  }),
  handle: async ({ pins, rows, expected, measured, resistances }) => {
    const ends = Object.entries(pins).map(([end, own]) => ({
      id: end,
      rows: Object.hasOwn(rows, end) ? (rows[end] ?? [own]) : [own],
    }))
    const input: DiagnosisInput = { ends, expected, measured, resistances }
    const found =
      ends.flatMap((end) => end.rows.flat()).length <= INLINE ? diagnose(input) : await compute('diagnose', input)
    if (!found.ok) {
      const { fault } = found
      const where =
        fault.kind === 'unknown-point' ? fault.where : fault.kind === 'point-twice' ? 'expected' : 'resistances'
      return badInput([{ path: [where], message: diagnosisFaultWords(fault) }])
    }
    return answer({
      mistakes: found.value.mistakes.map((one) => {
        const [only, ...others] = one.places
        return {
          kind: one.kind,
          ...(only && others.length === 0 && { end: only.end }),
          pins: [...one.pins],
          words: mistakeWords(one),
        }
      }),
      explains: true,
      ...(found.value.deciding && { deciding: { pair: [...found.value.deciding.pair] as [string, string] } }),
    })
  },
})
