import { z } from 'zod'
import { above0, atLeast0, id, name, rangeMm, rangeMm2, sourceSchema } from './figures'

export const toolClassIds = [
  'four-indent-positioned',
  'four-indent-plain',
  'parallel-die',
  'nest-ratchet',
  'notch-pliers',
  'plain-pliers',
  'ferrule-square',
  'sleeve-nest',
  'stripper',
  'release',
  'gauge',
  'torque-cable',
] as const

/** A die's forms: they must meet the wings of the contact and nothing else. */
const dieSchema = z.strictObject({
  id,
  /** axial width of the form that closes the conductor wings */
  conductorFormMm: above0,
  /** free between the conductor form and the insulation form */
  spacingMm: atLeast0,
})

export const releaseTipIds = ['thin-blade', 'tube', 'blunt-blade', 'slit-sleeve', 'pick', 'driver', 'spanner'] as const

/** What lets a contact go: its tip, and what it is made for. */
const releaseSchema = z.strictObject({
  tip: z.enum(releaseTipIds),
  /** contact sizes that it goes over or along; all when left out */
  sizes: z.array(id).max(100).optional(),
  /** insulation that lies in its slit */
  wire: rangeMm.optional(),
  /** the other end pushes contacts in: that tip has a ledge, which lets go when it is drawn back */
  insertionEnd: z.boolean().optional(),
})

/** What is printed beside a nest or a notch: a gauge, a colour, a number of the maker's own. */
const printed = z.string().trim().min(1).max(12)

const verificationSchema = z.strictObject({
  doneOn: z.iso.date(),
  dueOn: z.iso.date(),
  by: name,
  /** by which routine at this bench; left out where a paper says so */
  how: z.enum(['go-no-go', 'reference-piece', 'block']).optional(),
  /** what was seen or measured */
  seen: z.string().trim().max(120).optional(),
})

export const toolSchema = z.strictObject({
  id,
  name,
  class: z.enum(toolClassIds),
  /** in the crib (as it is when left out), to be borrowed from somebody, or in a shop's list only */
  held: z.enum(['crib', 'borrow', 'shop']).optional(),
  /** what it is made for; by its class when left out */
  grade: z.enum(['professional', 'bench']).optional(),
  /** to buy it, or for one borrowing */
  price: atLeast0.optional(),
  dies: z.array(dieSchema).max(200).optional(),
  /** the bench's own mark on it */
  ownMark: z.string().trim().max(60).optional(),
  /** where it lies */
  liesIn: z.string().trim().max(60).optional(),
  /** colour marks of the tool, or of its ends */
  colourMark: z.string().trim().max(60).optional(),
  /** positioners and turrets that it takes, as they are marked */
  positioners: z.array(id).max(100).optional(),
  /** what its selector goes from and to; left out, it has none, or it is not known */
  selector: z.strictObject({ min: z.number().int().min(1).max(40), max: z.number().int().min(1).max(40) }).optional(),
  /** the frame that a gauge proves, and the selector at which it does */
  gauges: z.strictObject({ tool: id, selector: z.number().int().min(1).max(40).optional() }).optional(),
  /** widths of a nest tool's nests */
  nestsMm: z.array(above0).max(40).optional(),
  /** what is printed beside each nest, in the same order */
  nestMarks: z.array(printed).max(40).optional(),
  release: releaseSchema.optional(),
  /** what a torque tool can be set to, N·m; left out, it is another kind of one, or not known */
  torque: z.strictObject({ minNm: above0, maxNm: above0 }).optional(),
  /** a stripper's openings */
  notchesMm: z.array(above0).optional(),
  /** what is printed beside each opening, in the same order */
  notchMarks: z.array(printed).optional(),
  verification: verificationSchema.optional(),
  /** besides its date, due again after so many contacts */
  dueEveryStrokes: z.number().int().min(1).max(10_000_000).optional(),
  /** verifications before that, oldest first */
  history: z.array(verificationSchema).max(500).optional(),
  source: sourceSchema,
})

export const placardRowSchema = z.strictObject({
  contact: id,
  conductor: rangeMm2,
  /** the sheet's strip length, where it states one */
  strip: rangeMm.optional(),
  source: z.string().max(120).optional(),
  die: id.optional(),
  positioner: id.optional(),
  /** position of a turret that carries several positioners */
  turret: z.number().int().min(1).max(12).optional(),
  selector: z.number().int().min(1).max(40).optional(),
  nest: z.string().max(10).optional(),
  wireStopMm: above0.optional(),
  height: rangeMm.optional(),
  insulationHeight: rangeMm.optional(),
})

export const placardSchema = z.strictObject({
  id,
  tool: id,
  rows: z.array(placardRowSchema).max(20_000),
  source: sourceSchema,
})
