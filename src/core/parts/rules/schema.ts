import { z } from 'zod'
import { toolClassIds } from '../catalogue/schema/tool'

/** A workmanship profile: which school a job follows. Every figure that schools differ about stands here, never inline. */

const above0 = z.number().positive()
const atLeast0 = z.number().min(0)
const rangeMm = z
  .strictObject({ minMm: atLeast0, maxMm: above0 })
  .refine((r) => r.minMm <= r.maxMm, 'min must not be above max')

/** Three ways of a school: never, allowed and written down, allowed. */
export const allowance = z.enum(['forbidden', 'recorded', 'allowed'])

export const houseRulesSchema = z.strictObject({
  id: z
    .string()
    .trim()
    .min(1)
    .max(40)
    .regex(/^[a-z0-9][a-z0-9-]*$/, 'small letters, digits and hyphens'),
  name: z.string().trim().min(1).max(60),
  about: z.string().trim().max(160),

  /** between a closed barrel's mouth and the insulation */
  gap: z.discriminatedUnion('school', [
    z.strictObject({ school: z.literal('band'), band: rangeMm }),
    z.strictObject({ school: z.literal('half-insulation'), minMm: atLeast0 }),
    z.strictObject({ school: z.literal('touching'), maxMm: above0 }),
  ]),
  /** where a card's own strip allows what these rules do not */
  stripCounts: z.enum(['sheet', 'house-rules']).optional(),
  /** conductor that shows beyond an open barrel's wings */
  brush: rangeMm,
  /** strands that may be nicked or cut */
  strandAllowance: z.number().int().min(0).max(20),
  /** tries over the first that each end is cut long enough for */
  redoTries: z.number().int().min(0).max(10).optional(),
  /** wire rolled in side cutters where there is no stripper */
  sideCutterStrip: allowance,
  /** the bare end folded back on itself to fill a barrel that is too large */
  foldBack: allowance,
  lubricant: z.enum(['none', 'approved']),

  forbiddenToolClasses: z.array(z.enum(toolClassIds)).max(toolClassIds.length),
  /** frames whose depth rests on the hand: no positioner, no locator */
  uncalibratedTools: allowance,
  /** settings that stand on no sheet */
  estimates: allowance,
  overdueTools: z.enum(['block', 'warn']),

  /** test pieces after a setup change */
  firstPieces: z.number().int().min(0).max(10),
  /** what a pull must be to release: a figure from a tester, or a hand that pulled too */
  releasePull: z.enum(['figure', 'by-hand']).optional(),
  /** is the crimp height of a test piece measured where its set has a window? */
  releaseHeight: z.enum(['measured', 'not-asked']).optional(),
  pullTable: z.enum(['iec-60352-2', 'ul-486a', 'as7928']),
  /** a pull to destruction in so many crimps of a setup; 0: first pieces only */
  pullEvery: z.number().int().min(0).max(1000),
  /** crimp heights are measured and charted, one in so many; 0: first pieces only */
  heightEvery: z.number().int().min(0).max(1000),
  /** heights rising or falling in a row before the line stops */
  trendPoints: z.number().int().min(3).max(20).optional(),
  /** a release holds for the day on which it was made; the next begins with a first piece */
  shiftAsksAgain: z.boolean().optional(),
  /** so many crimps of a setup have each look ticked by itself; then one in so many (0: none), the others all looks at once */
  singlyFirst: z.number().int().min(0).max(1000).optional(),
  singlyEvery: z.number().int().min(0).max(1000).optional(),
  /** is a mating pin tried in each stamped socket, or only where its sheet asks? */
  matingPin: z.enum(['not-asked', 'sockets']).optional(),
  /** the gauge that belongs to a frame is tried before its first crimp of a day */
  gaugeEachShift: z.boolean().optional(),
  /** does each wire carry a label before it is prepared? */
  wireLabels: z.boolean().optional(),
  secondStroke: allowance,
  solder: allowance,
  easingWings: allowance,
  straightening: allowance,
  brushTrimming: allowance,
  finishingSqueeze: allowance,

  /** at most so many, whatever the sheet grants */
  contactReuses: z.number().int().min(0).max(20),
  sealReuses: z.number().int().min(0).max(20),
  /** wires of one cable, twist or screen stay equal within this, mm: a repair that shortens one more redoes them all */
  equalWithinMm: z.number().min(0).max(100).optional(),
  improvisedRelease: allowance,
  /** is a screw or nut tightened by hand where its sheet asks a torque? */
  handTightening: allowance.optional(),
  coverOrder: z.enum(['front-first', 'gate-first']),
  /** the light tug as a share of the cavity's retention force */
  tugShare: z.number().min(0.05).max(0.8),

  /** what is shown to be apart: the nets that a wrong hole or a stray strand could join, or every pair, which takes an analyser */
  isolation: z.enum(['not-asked', 'likely', 'all-pairs']).optional(),
  /** is every circuit probed through two halves once they are put together? */
  throughPairs: z.enum(['not-asked', 'each-circuit']).optional(),
  /** is the resistance of every net measured? */
  netResistance: z.enum(['not-asked', 'each-net']).optional(),
  retentionTest: z.boolean(),
  /** when: once all is in, at Prove, or at each contact after its click */
  retentionWhen: z.enum(['at-prove', 'after-click']).optional(),
  /** is every crimp of production pulled by hand, lightly, and written down? At Prove, or as a look when it is crimped */
  handPull: z.enum(['not-asked', 'each', 'each-crimp']).optional(),
  /** how long a harness is moved while its resistance is watched, seconds */
  wiggleS: z.number().int().min(0).max(600),
  secondSignature: z.boolean(),

  /** largest voltage drop, percent of the supply */
  dropLimitPercent: z.number().min(0.1).max(50),
  /** share of its rating that a wire keeps in a bundle with so many loaded ones; a bundle takes the row of the next larger count */
  bundleDerating: z
    .array(z.strictObject({ upTo: z.number().int().min(1), factor: z.number().min(0.05).max(1) }))
    .min(1)
    .max(20),
  /** parts over the need, percent and at least so many of each */
  sparePercent: z.number().min(0).max(100),
  spareLeast: z.number().int().min(0).max(100),
})
