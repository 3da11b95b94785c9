import { coded } from '../refusalAnswer'
import { clockIn } from '@/data/benchClock'
import { z } from 'zod'
import { fit } from '@/core/craft/fit/fit'
import type { FitSetup, FitWire } from '@/core/craft/fit/fitTypes'
import { fitWire } from '@/core/record/plan/facts'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { noteWords, reasonWords } from '@/words/fit'
import { answer, badInput, endpoint, notFound } from '../endpoint'

const above0 = z.number().positive()

export const fitInput = z.strictObject({
  housing: z.string().min(1),
  cavity: z.string().min(1),
  wire: z.union([
    z.strictObject({ type: z.string().min(1), insulationMm: above0.optional(), currentA: above0.optional() }),
    z.strictObject({
      areaMm2: above0,
      insulationMm: above0,
      strands: z.number().int().positive().optional(),
      strandMm: above0.optional(),
      currentA: above0.optional(),
    }),
  ]),
  ambientC: z.number().min(-60).max(250).default(20),
  matePlating: z.enum(['gold', 'tin', 'nickel', 'silver']).optional(),
  rules: z.string().min(1).max(40).default('sheet-strict'),
})

const setupOut = z.object({
  tool: z.string(),
  die: z.string().optional(),
  positioner: z.string().optional(),
  selector: z.number().optional(),
  nest: z.string().optional(),
  turret: z.number().optional(),
  stop: z.number().optional(),
  notchMm: z.number().optional(),
  stripMm: z.number(),
  stripMinMm: z.number(),
  stripMaxMm: z.number(),
  source: z.string(),
  estimate: z.boolean(),
  notes: z.array(z.string()),
})

export const fitEndpoint = endpoint({
  method: 'POST',
  path: 'fit',
  summary: 'Every workable set of contact, seal and setup for a wire in a cavity, and why each other candidate is out',
  input: fitInput,
  output: z.object({
    sets: z.array(
      z.object({
        contact: z.string(),
        seal: z.string().optional(),
        setups: z.array(setupOut),
        score: z.number(),
        pullN: z.number().optional(),
      }),
    ),
    rejected: z.array(
      z.looseObject({ contact: z.string(), seal: z.string().optional(), code: z.string(), words: z.string() }),
    ),
  }),
  fails: [404],
  handle: async (input, { bench, now }) => {
    const catalogue = await loadCatalogue(bench.db, bench.catalogue)
    const housing = catalogue.housings.get(input.housing)
    if (!housing) return notFound(`no housing ${input.housing} on the shelf`, ['housing'])
    const cavity = housing.cavities.find((one) => one.id === input.cavity)
    if (!cavity)
      return notFound(
        `${input.housing} has no cavity ${input.cavity}; it has ${housing.cavities.map((one) => one.id).join(', ')}`,
        ['cavity'],
      )
    let wire: FitWire
    if ('type' in input.wire) {
      const type = catalogue.wireTypes.get(input.wire.type)
      if (!type) return notFound(`no wire type ${input.wire.type} on the shelf`, ['wire', 'type'])
      wire = fitWire(type, input.wire)
    } else wire = input.wire
    if (wire.strandMm === undefined && wire.strands !== undefined)
      return badInput([{ path: ['wire', 'strandMm'], message: 'strands and strandMm go together' }])
    const rules = catalogue.rules.get(input.rules)
    if (!rules)
      return badInput([
        {
          path: ['rules'],
          message: `no house rules ${input.rules}; there are ${[...catalogue.rules.keys()].join(', ')}`,
        },
      ])
    const found = fit(catalogue, {
      housing,
      cavity,
      wire,
      ambientC: input.ambientC,
      matePlating: input.matePlating,
      rules,
      today: (await clockIn(bench.db)).dayOf(now),
    })
    return answer({
      sets: found.sets.map((set) => ({
        contact: set.contact.id,
        ...(set.seal && { seal: set.seal.id }),
        setups: set.setups.map(setupAnswer),
        score: set.score,
        ...(set.pull && { pullN: set.pull.forceN }),
      })),
      rejected: found.rejected.map(({ contact, seal, reason }) => ({
        contact: contact.id,
        ...(seal && { seal: seal.id }),
        ...coded(reason),
        words: reasonWords(reason),
      })),
    })
  },
})

const setupAnswer = ({ setup, strip, source, estimate, notes }: FitSetup) => {
  const { wireStopMm, ...rest } = setup
  return {
    ...rest,
    ...(wireStopMm !== undefined && { stop: wireStopMm }),
    stripMm: strip.nominalMm,
    stripMinMm: strip.minMm,
    stripMaxMm: strip.maxMm,
    source,
    estimate,
    notes: notes.map(noteWords),
  }
}
