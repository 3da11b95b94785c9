import { z } from 'zod'
import { answer, badInput, endpoint } from '@/api/endpoint'
import { placeSentence } from '@/words/places'
import { cavityPlace } from '@/core/base/face/place'
import { type Arrangement, type ArrangementFault, placeCavities } from '@/core/base/face/arrangement'
import { arrangementWords } from '@/words/catalogue'
import { numberingSchemes } from '@/core/base/face/numbering'

const atLeast0 = z.number().min(0)
const above0 = z.number().positive()

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

const issuePath: Readonly<Record<ArrangementFault['kind'], (fault: ArrangementFault) => string[]>> = {
  'order-not-for-arrangement': () => ['ids', 'order'],
  'lengths-differ': (fault) => ['arrangement', 'field' in fault ? fault.field : ''],
  'no-letters': () => ['ids', 'skip'],
  'ids-missing': () => ['ids', 'list'],
}
const arrangementIssue = (fault: ArrangementFault): { path: string[]; message: string } => ({
  path: issuePath[fault.kind](fault),
  message: arrangementWords(fault),
})
