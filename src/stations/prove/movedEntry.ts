import { type MovePlace, placeKey } from '@/core/work/prove/movePlaces'
import { type Watching, eventsOf } from './useWatch'

/** A place that was moved for less says nothing when it is silent, s. */
const SILENT_S = 1

/** What was seen while a harness was moved, as it is written down; undefined where nothing was moved. */
export function movedEntry(unit: number, seen: Watching, places: readonly MovePlace[]) {
  const total = [...seen.movedS.values()].reduce((sum, s) => sum + s, 0)
  if (total === 0) return undefined
  const events = eventsOf(seen)
  const silent = places.filter(
    (place) =>
      (seen.movedS.get(placeKey(place)) ?? 0) >= SILENT_S &&
      !events.some(({ moved }) => moved?.key === placeKey(place)),
  )
  return {
    kind: 'harness-moved' as const,
    unit,
    seconds: Math.round((seen.movedS.get('all') ?? total) * 10) / 10,
    ...(!seen.movedS.has('all') && { part: true as const }),
    rateHz: seen.rateHz,
    wires: [...seen.wires],
    events: events.map(({ wire, atS, lengthMs, peakOhm, moved }) => ({
      wire,
      atS: Math.round(atS * 1000) / 1000,
      lengthMs,
      ...(peakOhm !== undefined && { peakOhm: Math.round(peakOhm * 1e4) / 1e4 }),
      during: moved?.during ?? ('all' as const),
      ...(moved?.term !== undefined && { term: moved.term, fromMm: moved.fromMm ?? 0, toMm: moved.toMm ?? 0 }),
    })),
    ...(silent.length > 0 && { silent: silent.map(({ during, term }) => ({ during, term })) }),
    readBy: seen.identity,
  }
}
