import type { Carried } from './mismateTypes'

const SUPPLY = /^\+|\b(supply|vcc|vdd|vbat|power|feed|[+]?\d+([.,]\d+)? ?v(dc)?)\b/i
const RETURN = /^-|\b(return|gnd|ground|earth|common|minus|negative|0 ?v)\b/i

/**
 * What a contact carries, read off its signal's name: `pump supply 1` is a supply of that name, `pump return` a return. A name that
 * says neither is a signal. It is a reading of names, and a screen says so.
 * @param signal undefined where the wire has no name, which is a signal too
 */
export function carriedBy(signal: string | undefined): Carried {
  const said = signal?.trim() ?? ''
  if (RETURN.test(said)) return { kind: 'return' }
  return SUPPLY.test(said) ? { kind: 'supply', name: said.toLowerCase() } : { kind: 'signal' }
}
