import { z } from 'zod'
import { heightTarget } from '@/core/craft/crimp/heightTarget'
import { pullMinimum } from '@/core/craft/crimp/pullMinimum'
import { pullTables } from '@/core/craft/crimp/pullTables'
import { placeCavities, type Arrangement, type ArrangementFault } from '@/core/base/face/arrangement'
import { cavityPlace } from '@/core/base/face/place'
import { numberingSchemes } from '@/core/base/face/numbering'
import { stripWindow } from '@/core/craft/strip/stripWindow'
import { parseAwg } from '@/core/base/wire/awg'
import { wireSize, type WireMeasure } from '@/core/base/wire/wireSize'
import { arrangementWords } from '@/words/catalogue'
import { placeSentence } from '@/words/places'
import { answer, badInput, endpoint, noAnswer } from '../endpoint'

const above0 = z.number().positive()
const atLeast0 = z.number().min(0)
const rangeMm = z
  .strictObject({ minMm: atLeast0, maxMm: atLeast0 })
  .refine((r) => r.minMm <= r.maxMm, 'min must not be above max')
const awg = z.string().refine((text) => parseAwg(text) !== undefined, 'must be a gauge, like "20", "1/0" or "0000"')

const measures = ['awg', 'areaMm2', 'bareDiameterMm', 'strands'] as const

export const wireSizeEndpoint = endpoint({
  method: 'POST',
  path: 'wire/size',
  summary: 'What follows from one way of knowing a wire: gauge, area, callipers, or strands',
  input: z
    .strictObject({
      awg: awg.optional(),
      areaMm2: above0.optional(),
      bareDiameterMm: above0.optional(),
      strands: z.number().int().positive().optional(),
      strandMm: above0.optional(),
      stranded: z.boolean().optional(),
      lengthM: above0.optional(),
      temperatureC: z.number().min(-234).max(1000).default(20),
    })
    .refine(
      (input) => measures.filter((one) => input[one] !== undefined).length === 1,
      'give one of awg, areaMm2, bareDiameterMm, or strands with strandMm',
    )
    .refine((input) => (input.strands === undefined) === (input.strandMm === undefined), {
      message: 'strands and strandMm go together',
      path: ['strandMm'],
    }),
  output: z.object({
    areaMm2: z.number(),
    solidDiameterMm: z.number(),
    bundleDiameterMm: z.number().optional(),
    nearestAwg: z.string(),
    offByPercent: z.number(),
    ohmPerM: z.number(),
    ohm: z.number().optional(),
  }),
  handle: (input) => {
    const stranded = input.stranded ?? input.strands !== undefined
    return answer(wireSize(measureOf(input), { stranded, lengthM: input.lengthM, temperatureC: input.temperatureC }))
  },
})

function measureOf(input: {
  awg?: string | undefined
  areaMm2?: number | undefined
  bareDiameterMm?: number | undefined
  strands?: number | undefined
  strandMm?: number | undefined
}): WireMeasure {
  if (input.awg !== undefined) return { awg: parseAwg(input.awg) ?? 0 }
  if (input.areaMm2 !== undefined) return { areaMm2: input.areaMm2 }
  if (input.bareDiameterMm !== undefined) return { bareDiameterMm: input.bareDiameterMm }
  return { strands: input.strands ?? 1, strandMm: input.strandMm ?? 1 }
}

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
  handle: (input) => {
    const window = stripWindow(input)
    return window.ok
      ? answer(window.value)
      : noAnswer({
          ...window.fault,
          message: `the smallest brush of ${window.fault.brushMinMm} mm has no room in ${window.fault.reachMm} mm`,
        })
  },
})

export const pullMinimumEndpoint = endpoint({
  method: 'POST',
  path: 'crimp/pull-minimum',
  summary: 'The pull that a crimp must hold by a named table; check against your own copy of the document',
  input: z
    .strictObject({
      table: z.enum(Object.keys(pullTables) as [keyof typeof pullTables]),
      areaMm2: above0.optional(),
      awg: awg.optional(),
    })
    .refine((input) => (input.areaMm2 === undefined) !== (input.awg === undefined), 'give areaMm2 or awg'),
  output: z.object({
    forceN: z.number().int(),
    forceLbf: z.number(),
    rows: z.array(z.record(z.string(), z.unknown())),
    scope: z.string(),
  }),
  handle: ({ table, areaMm2, awg: gauge }) => {
    const minimum = pullMinimum(table, areaMm2 === undefined ? { awg: parseAwg(gauge ?? '') ?? 0 } : { areaMm2 })
    if (minimum.ok) return answer(minimum.value)
    const { fromMm2, toMm2, areaMm2: asked } = minimum.fault
    return noAnswer({
      ...minimum.fault,
      message: `${table} goes from ${fromMm2.toPrecision(3)} to ${toMm2.toPrecision(3)} mm², not to ${asked.toPrecision(3)} mm²`,
    })
  },
})

export const heightTargetEndpoint = endpoint({
  method: 'POST',
  path: 'crimp/height-target',
  summary: 'Crimp height from compaction: an estimate; a sheet’s own height wins',
  input: z.strictObject({
    wireAreaMm2: above0,
    barrelAreaMm2: above0,
    widthMm: above0,
    shapeFactor: above0.max(1).optional(),
    compaction: z
      .strictObject({ min: above0, max: above0 })
      .refine((r) => r.min <= r.max, 'min must not be above max')
      .optional(),
  }),
  output: z.object({ minMm: z.number(), nominalMm: z.number(), maxMm: z.number(), estimate: z.literal(true) }),
  handle: (input) => answer(heightTarget(input)),
})

const count = z.number().int().min(1).max(500)
const order = z.enum(Object.keys(numberingSchemes) as [keyof typeof numberingSchemes])

export const faceCavitiesEndpoint = endpoint({
  method: 'POST',
  path: 'face/cavities',
  summary: 'Every cavity of an arrangement with its printed id, its place in mm and its place in words',
  input: z.strictObject({
    arrangement: z.discriminatedUnion('kind', [
      z.strictObject({
        kind: z.literal('rows'),
        rowCounts: z.array(count).min(1).max(100),
        pitchMm: above0.default(1),
        rowPitchMm: above0.optional(),
        rowOffsetsMm: z.array(z.number()).optional(),
      }),
      z.strictObject({
        kind: z.literal('rings'),
        ringCounts: z.array(count).min(1).max(50),
        ringRadiiMm: z.array(atLeast0).optional(),
        startDeg: z.number().default(90),
        clockwise: z.boolean().default(true),
      }),
      z.strictObject({
        kind: z.literal('free'),
        positions: z
          .array(z.strictObject({ xMm: z.number(), yMm: z.number(), row: z.number().int().min(0).default(0) }))
          .min(1)
          .max(1000),
      }),
    ]),
    ids: z
      .discriminatedUnion('kind', [
        z.strictObject({ kind: z.literal('numbers'), start: z.number().int().min(0).default(1), order }),
        z.strictObject({
          kind: z.literal('letters'),
          skip: z.array(z.string().regex(/^[A-Z]$/, 'must be one capital letter')).default([]),
          order,
        }),
        z.strictObject({ kind: z.literal('list'), list: z.array(z.string().min(1).max(6)).min(1).max(1000), order }),
      ])
      .optional(),
    mark: z
      .strictObject({
        kind: z.enum(['chamfer', 'notch', 'key', 'rib']),
        at: z.strictObject({ xMm: z.number(), yMm: z.number() }),
      })
      .optional(),
  }),
  output: z.object({
    cavities: z.array(
      z.object({
        id: z.string(),
        row: z.number(),
        index: z.number(),
        xMm: z.number(),
        yMm: z.number(),
        words: z.string(),
      }),
    ),
  }),
  handle: ({ arrangement, ids, mark }) => {
    const { kind } = arrangement
    const full = withDefaults(arrangement)
    const placed = placeCavities(
      full,
      ids ?? { kind: 'numbers', start: 1, order: kind === 'rings' ? 'out' : 'same-side' },
    )
    if (!placed.ok) return badInput([arrangementIssue(placed.fault)])
    return answer({
      cavities: placed.value.map((cavity) => ({
        ...cavity,
        words: placeSentence(cavityPlace(cavity, placed.value, kind, mark)),
      })),
    })
  },
})

type LooseArrangement =
  | {
      readonly kind: 'rows'
      readonly rowCounts: number[]
      readonly pitchMm: number
      readonly rowPitchMm?: number | undefined
      readonly rowOffsetsMm?: number[] | undefined
    }
  | {
      readonly kind: 'rings'
      readonly ringCounts: number[]
      readonly ringRadiiMm?: number[] | undefined
      readonly startDeg: number
      readonly clockwise: boolean
    }
  | Extract<Arrangement, { kind: 'free' }>

function withDefaults(arrangement: LooseArrangement): Arrangement {
  switch (arrangement.kind) {
    case 'rows':
      return { ...arrangement, rowPitchMm: arrangement.rowPitchMm ?? arrangement.pitchMm }
    case 'rings':
      return { ...arrangement, ringRadiiMm: arrangement.ringRadiiMm ?? defaultRadii(arrangement.ringCounts) }
    case 'free':
      return arrangement
  }
}

/** Without radii the rings stand one unit apart, a single contact in the centre. */
const defaultRadii = (counts: readonly number[]) => counts.map((_, i) => (counts[0] === 1 ? i : i + 1))

const issuePath: Readonly<Record<ArrangementFault['code'], (fault: ArrangementFault) => string[]>> = {
  'order-not-for-arrangement': () => ['ids', 'order'],
  'lengths-differ': (fault) => ['arrangement', 'field' in fault ? fault.field : ''],
  'no-letters': () => ['ids', 'skip'],
  'ids-missing': () => ['ids', 'list'],
}
const arrangementIssue = (fault: ArrangementFault): { path: string[]; message: string } => ({
  path: issuePath[fault.code](fault),
  message: arrangementWords(fault),
})
