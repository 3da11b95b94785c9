import type { SideLetter } from './plan'

/** Keys of what a job is made of, spelled and taken apart in one place. */

/** `1/W07/a` */
export const termKey = (unit: number, wire: string, side: SideLetter): string => `${unit}/${wire}/${side}`
/** `W07/a`: what is chosen for a side holds for every unit */
export const setKey = (wire: string, side: SideLetter): string => `${wire}/${side}`
export const wireKey = (unit: number, wire: string): string => `${unit}/${wire}`
export const endKey = (unit: number, end: string): string => `${unit}/${end}`
/** `1/P3.7` */
export const cavityKey = (unit: number, end: string, cavity: string): string => `${unit}/${end}.${cavity}`

/** `1/A.3|A.4`: two points, whichever probe is on which */
export const pairKey = (unit: number, red: string, black: string): string =>
  `${unit}/${red < black ? `${red}|${black}` : `${black}|${red}`}`

/** Takes the key of a wire, an end or a cavity apart: the unit, and what is named in it. */
export function unitAndId(key: string): { readonly unit: number; readonly id: string } {
  const slash = key.indexOf('/')
  return { unit: Number(key.slice(0, slash)), id: key.slice(slash + 1) }
}

/** Takes the key of a termination apart. */
export function termOf(key: string): { readonly unit: number; readonly wire: string; readonly side: SideLetter } {
  const slash = key.indexOf('/')
  return { unit: Number(key.slice(0, slash)), wire: key.slice(slash + 1, -2), side: key.endsWith('b') ? 'b' : 'a' }
}

/** Which wire a key names: that of a termination, of a net, or of the wire alone. */
export function wireOfKey(key: string): string {
  const [first = '', wire = first] = key.split('/')
  return wire
}

/** The net of a termination, or the net itself: `1/W07`. */
export const netOf = (key: string): string => key.split('/').slice(0, 2).join('/')

/** Takes the key of a set apart. */
export const setOfKey = (key: string): { readonly wire: string; readonly side: SideLetter } => ({
  wire: key.slice(0, -2),
  side: key.endsWith('b') ? 'b' : 'a',
})

/** The other side of the same wire. */
export function otherTerm(key: string): string {
  const { unit, wire, side } = termOf(key)
  return termKey(unit, wire, side === 'a' ? 'b' : 'a')
}

/** `1/W07/a` as a hand says it: `W07a`, with its unit where there are more. */
export function termLabel(key: string): string {
  const { unit, wire, side } = termOf(key)
  return unit === 1 ? `${wire}${side}` : `${wire}${side} of unit ${unit}`
}
