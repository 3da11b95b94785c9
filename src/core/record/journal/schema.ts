import { z } from 'zod'
import { factsSchema } from '../../parts/catalogue/schema'
import { releaseEndings } from '../../craft/crimp/setupPart'
import { damageIds, endDamageIds } from '../../craft/faults/damage'
import { seatFaultIds } from '../../craft/faults/seatFaults'
import { planChangeSchema } from '../plan/schema'
import { chosenSetSchema, setupSchema } from '../../craft/setup/schema'

/** What an append may say: one schema a kind. Sequence, time, person and hash are the server's. */

const clientId = z
  .string()
  .min(8)
  .max(60)
  .regex(/^[A-Za-z0-9_-]+$/, 'only letters, digits, - and _')
const unit = z.number().int().min(1)
const key = z.string().min(1).max(60)
const term = z.string().regex(/^\d+\/[^/]+\/[ab]$/, 'a termination is unit/wire/side, like 1/W07/a')
const above0 = z.number().positive()
const text = z.string().trim().min(1).max(500)

const lookSchema = z.strictObject({ look: key, seen: z.boolean() })
/** what the house rules let some benches do, and was done */
const practices = z.array(key).max(9).optional()
/** the instrument that gave the figure, as it names itself; left out when a hand typed it */
const readBy = z.string().max(120).optional()
const breaks = z.enum(['pulled-out', 'broke-at-crimp', 'broke-in-wire']).optional()
const setupPart = z.enum([
  'strip-stop',
  'wire-stop',
  'notch',
  'positioner',
  'selector',
  'die',
  'nest',
  'locator',
  'frame',
])

const entry = <Kind extends string, Shape extends z.ZodRawShape>(kind: Kind, shape: Shape) =>
  z.strictObject({ id: clientId, kind: z.literal(kind), by: z.string().min(1).max(60).optional(), ...shape })

export const entrySchema = z.discriminatedUnion('kind', [
  /** `rework` names the wires whose work this change undoes or moves, and is meant to */
  entry('plan-changed', {
    change: planChangeSchema,
    facts: factsSchema,
    why: text.optional(),
    rework: z.array(key).max(20_000).optional(),
  }),
  entry('sets-chosen', {
    choices: z
      .array(z.strictObject({ wire: key, side: z.enum(['a', 'b']), set: chosenSetSchema.nullable() }))
      .min(1)
      .max(40_000),
    facts: factsSchema,
  }),
  /** `spool` is the one that it was cut from, where the bench knows it */
  entry('wire-cut', { unit, wire: key, lengthMm: above0, spool: key.optional() }),
  /** nothing is left for another try: the whole wire goes, and a new one is cut */
  entry('wire-scrapped', { unit, wire: key, why: text }),
  entry('stripped', {
    term,
    stripMm: above0,
    threaded: z.array(key).max(12),
    strandsLost: z.number().int().min(0),
    practices,
    /** wire that tries before this strip have cost */ usedMm: z.number().min(0).max(1000).optional(),
  }),
  entry('strip-mended', {
    term,
    how: z.enum(['strip-more', 'trim-conductor', 'cut-back']),
    byMm: above0,
    why: key.optional(),
  }),
  entry('setup-mounted', { setup: setupSchema, checked: z.array(key).max(12) }),
  entry('first-piece', {
    setup: key,
    wire: key,
    side: z.enum(['a', 'b']),
    looks: z.array(lookSchema).min(1).max(8),
    heightMm: above0.optional(),
    pullN: above0,
    breaks,
    heightBy: readBy,
    pullBy: readBy,
  }),
  entry('setup-released', { setup: key }),
  /** a piece of production pulled to destruction */
  entry('pull-sampled', { setup: key, wire: key, side: z.enum(['a', 'b']), pullN: above0, breaks, pullBy: readBy }),
  /** a part of the setup is set again, because of what was seen */
  entry('setup-adjusted', {
    setup: key,
    part: setupPart,
    toMm: above0.optional(),
    nominalMm: above0.optional(),
    why: key,
  }),
  /** something that the setup's figures do not show has changed: it needs a new first piece */
  entry('release-ended', { setup: key, why: z.enum(releaseEndings) }),
  /** a go / no-go gauge, block or reference piece said that the tool is right */
  entry('tool-verified', {
    tool: key,
    gauge: key.optional(),
    selector: z.number().int().optional(),
    goEnters: z.boolean(),
    noGoStops: z.boolean(),
  }),
  /** a photo of a piece, by the hash of its picture */
  entry('photo-taken', {
    term: term.optional(),
    setup: key.optional(),
    photo: z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hex'),
    widthPx: z.number().int().positive(),
    heightPx: z.number().int().positive(),
  }),
  entry('crimped', {
    term,
    setup: key,
    looks: z.array(lookSchema).min(1).max(8),
    heightMm: above0.optional(),
    heightBy: readBy,
    practices,
  }),
  entry('crimp-rejected', {
    term,
    look: key,
    defect: key,
    decision: z.enum(['redo', 'scrap']),
    usedMm: z.number().min(0),
    heightMm: above0.optional(),
    heightBy: readBy,
  }),
  entry('seated', { term, end: key, cavity: key, checked: z.array(key).max(8), tugN: above0.optional() }),
  /** found in another cavity, before or after it was written down as seated; `swapped` is then in its place */
  entry('misplaced', { term, end: key, cavity: key, swapped: term.optional() }),
  /** `damaged`: the contact is cut off; `improvised` is what let it go where the tool for it was missing */
  entry('extracted', {
    term,
    why: z.enum(['wrong-cavity', 'not-home', 'not-in-plan', 'damaged', 'cover-due', 'old-housing', 'other']),
    tool: key.optional(),
    improvised: key.optional(),
  }),
  /** what was wrong as it went in, and why; what becomes of the contact follows from both and the house rules */
  entry('seat-faulted', { term, end: key, cavity: key, fault: z.enum(seatFaultIds), cause: key }),
  /** broken at a contact, or its whole wire: it comes out, is cut off and made again; `lostMm` is spoiled besides the old strip */
  entry('damage-reported', { term, what: z.enum(damageIds), lostMm: z.number().min(0).max(10_000).optional() }),
  /** the order in which an end is filled, where a hand wants it otherwise; none: as computed */
  entry('seat-order-set', { end: key, cavities: z.array(key).max(2000) }),
  /** a harness that somebody else made: what is crimped and seated in it as it came */
  entry('taken-over', {
    terms: z.array(term).max(40_000),
    plugs: z.array(z.strictObject({ unit, end: key, cavity: key, part: key })).max(40_000),
    closed: z.array(z.strictObject({ unit, end: key })).max(10_000),
    /** what each wire has over the plan's length */
    slackMm: z.number().min(0).max(10_000).optional(),
  }),
  entry('plugged', { unit, end: key, cavity: key, part: key }),
  entry('unplugged', { unit, end: key, cavity: key }),
  entry('part-fitted', { unit, end: key, part: key }),
  entry('lock-moved', { unit, end: key, to: z.enum(['closed', 'part-way', 'open']) }),
  /** the lock or the housing of an end is broken: it is given up, and taken new */
  entry('end-damaged', { unit, end: key, what: z.enum(endDamageIds) }),
  /** the bundle along a wire that is drawn out or in: opened, laced again, or there was no lacing */
  entry('lacing-moved', { unit, wire: key, to: z.enum(['open', 'renewed', 'none']) }),
  entry('end-looked-over', { unit, end: key, pushedBack: z.array(key).max(200) }),
  /** two ends of the job go together: keys, interface seal, and the wires cavity by cavity */
  entry('pair-mated', { unit, a: key, b: key, checked: z.array(key).max(8) }),
  entry('leads-measured', { ohm: z.number().min(0), resolutionOhm: above0 }),
  entry('net-probed', { unit, wire: key, result: z.enum(['pass', 'fail']), found: text.optional() }),
  entry('net-measured', { unit, wire: key, ohm: z.number().min(0) }),
  entry('tray-counted', {
    tools: z.array(z.strictObject({ tool: key, back: z.boolean() })).max(60),
    scrapped: z.number().int().min(0),
    scrapFound: z.number().int().min(0),
  }),
  entry('signed', { role: z.enum(['builder', 'second']), covers: z.number().int().min(0) }),
  entry('reopened', { why: text }),
  entry('noted', { text }),
  entry('taken-back', { undoes: z.string().min(1).max(60), why: text.optional() }),
])
