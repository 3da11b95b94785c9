import { movements } from '../../../craft/wiggle/movements'
import { wireKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import type { MovedEvent } from '../../state/proofRecords'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { notReady } from '../writes/nets'

/** the harness was moved while its resistance was watched: for how long, how often it was read, and what was seen */
export const harnessMovedShape = ({ unit, key, term, above0, z }: EntryFields) => ({
  unit,
  /** how long it was moved, not counting the quiet before and after */
  seconds: above0.max(86_400),
  /** left out where a meter was watched by eye or ear */
  rateHz: above0.max(1e6).optional(),
  /** only some places of it were moved, to find one */
  part: z.literal(true).optional(),
  /** the wires that were watched */
  wires: z.array(key).min(1).max(2048),
  events: z
    .array(
      z.strictObject({
        wire: key,
        /** since the watching began */
        atS: z.number().min(0),
        /** left out where nobody measured it */
        lengthMs: above0.optional(),
        /** the highest that was read; left out where it was open */
        peakOhm: above0.optional(),
        during: z.enum(movements),
        /** the contact that was moved, or near which it was */
        term: term.optional(),
        /** of a place along the wire: from that contact, mm */
        fromMm: z.number().min(0).optional(),
        toMm: z.number().min(0).optional(),
      }),
    )
    .max(500),
  /** the places that were moved besides the whole, and stayed silent */
  silent: z
    .array(z.strictObject({ during: z.enum(movements), term }))
    .max(500)
    .optional(),
  readBy: z.string().min(1).max(120).optional(),
})

export const harnessMoved: EntryKind<'harness-moved'> = {
  kind: 'harness-moved',
  subjects: ({ unit, wires }) => ({
    writes: [subject.moved(String(unit))],
    reads: wires.map((wire) => subject.net(wireKey(unit, wire))),
  }),
  refuse: (state, { unit, wires, events }) => {
    const known = planIndex(state.plan).wires
    for (const wire of [...wires, ...events.map((event) => event.wire)]) {
      if (!known.has(wire)) return { kind: 'unknown', what: 'wire', id: wire }
      const refusal = notReady(state, unit, wire)
      if (refusal) return refusal
    }
    return undefined
  },
  apply: (draft, { unit, seconds, rateHz, part, wires, events, at, by, readBy }) => {
    const { plan, moved } = draft.state
    const before = moved.get(String(unit))
    const isWhole = part === undefined && wires.length === plan.wires.length
    // what was shown of the whole stays shown: neither a place by itself nor a shorter sitting takes it away
    const counts = before === undefined || (isWhole && !(before.all && before.seconds >= seconds))
    const sitting = {
      seconds: isWhole ? seconds : 0,
      wires: wires.length,
      all: isWhole,
      ...(rateHz !== undefined && { rateHz }),
      ...(readBy !== undefined && { readBy }),
      at,
      by,
    }
    const seen = events.map(({ during, wire, term, lengthMs, peakOhm }): MovedEvent => ({
      during,
      wire,
      ...(lengthMs !== undefined && { lengthMs }),
      ...(term !== undefined && { term }),
      ...(peakOhm !== undefined && { peakOhm }),
    }))
    // one event is enough: only a repair of the wire takes it away
    draft.put('moved', String(unit), {
      ...(counts ? sitting : before),
      events: [...(before?.events ?? []), ...seen],
    })
  },
  about: ({ seconds, events }) =>
    `${Math.round(seconds)} s, ${events.length === 0 ? 'no event' : events.length === 1 ? 'one event' : `${events.length} events`}`,
}
