import type { CavityPlace } from '@/core/base/face/place'
import { capital } from './figures'

const ordinals = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
  'eleventh',
  'twelfth',
]

/** 1 is first; from thirteen on in figures. */
export const ordinal = (n: number): string => ordinals[n - 1] ?? `${n}${suffix(n)}`

const suffix = (n: number) => {
  if (n % 100 >= 11 && n % 100 <= 13) return 'th'
  return ['th', 'st', 'nd', 'rd'][n % 10] ?? 'th'
}

function rowName(row: number, rows: number, upright: boolean): string | undefined {
  const line = upright ? 'column' : 'row'
  if (rows === 1) return undefined
  if (row === 0) return upright ? 'left column' : 'top row'
  if (row === rows - 1) return upright ? 'right column' : 'bottom row'
  return rows === 3 ? `middle ${line}` : `${ordinal(row + 1)} ${line}`
}

/** A cavity in two parts: where to count, and what it stands between. `Bottom row, third from the chamfer.` */
export function placeWords(place: CavityPlace): { readonly main: string; readonly also?: string } {
  if (place.kind === 'centre') return { main: 'In the centre' }
  if (place.kind === 'ring') {
    const ring =
      place.rings === 1
        ? undefined
        : place.ring === place.rings - 1
          ? 'outer ring'
          : place.ring === 0
            ? 'inner ring'
            : `${ordinal(place.ring + 1)} ring from the centre`
    const start = place.mark ?? 'top'
    const count =
      place.count === 1 ? `at the ${start}` : `${ordinal(place.count)} clockwise, the one at the ${start} being first`
    return { main: capital([ring, count].filter(Boolean).join(', ')) }
  }
  const from =
    place.from.kind === 'mark'
      ? `the ${place.from.mark}`
      : place.from.side === 'left' || place.from.side === 'right'
        ? `the ${place.from.side}`
        : `the ${place.from.side} end`
  const count = place.ways === 1 && place.rows > 1 ? 'the only one' : `${ordinal(place.count)} from ${from}`
  const main = capital([rowName(place.row, place.rows, place.upright), count].filter(Boolean).join(', '))
  if (!place.between) return { main }
  return {
    main,
    also: `between ${place.between[0]} and ${place.between[1]} of the ${place.upright ? 'column before' : 'row above'}`,
  }
}

/** The same in one sentence without a stop. */
export function placeSentence(place: CavityPlace): string {
  const { main, also } = placeWords(place)
  return also ? `${main}, ${also}` : main
}
