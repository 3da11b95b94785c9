import { z } from 'zod'
import { planKey as key } from './planKey'

const above0 = z.number().positive()
const atLeast0 = z.number().min(0)

/** How the bundle of a harness lies: a tree of stretches between its ends and the roots of its branches. */
export const layoutSchema = z.strictObject({
  /** each from an end, or a root, to another: lengths from the rear of the connector */
  segments: z
    .array(
      z.strictObject({
        id: key,
        from: key,
        to: key,
        lengthMm: above0.max(100_000),
        /** what the finished length may differ by; not checked when left out */
        toleranceMm: above0.max(1000).optional(),
      }),
    )
    .max(400),
  /** where no tie may be: grommets, clamps; roots and labels keep theirs out by themselves */
  keepOuts: z
    .array(
      z.strictObject({
        segment: key,
        fromMm: atLeast0,
        toMm: above0,
        what: z.enum(['grommet', 'clamp', 'other']),
      }),
    )
    .max(400),
  /** how the bundle is held together */
  held: z.enum(['ties', 'lacing', 'none']),
  /** the first tie from the rear of each connector, and the largest that two may be apart, mm */
  firstMm: above0.max(1000),
  pitchMm: above0.max(5000),
  /** a label so far from the rear of each connector, mm; none when left out */
  labelMm: above0.max(2000).optional(),
  /** how much thicker a bundle is as hands lay it than as it would pack, share */
  laidShare: atLeast0.max(1),
})
