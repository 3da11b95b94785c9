import { cavityKey, endKey, termKey } from './keys'
import { type Plan, planIndex } from './plan'

/**
 * What the code of a label means in a job: a wire `W07`, one end of it `W07a`, a cavity `P1.3`, or an end `P1`; capitals do not
 * matter.
 * @returns the key of a termination of the first unit; undefined where it means nothing here
 */
export function scanTarget(plan: Plan, said: string): string | undefined {
  const { wires, byCavity, byEnd } = planIndex(plan)
  const text = said.trim()
  const named = <T>(known: ReadonlyMap<string, T>, name: string): string | undefined =>
    known.has(name) ? name : [...known.keys()].find((one) => one.toLowerCase() === name.toLowerCase())
  const wire = named(wires, text)
  if (wire !== undefined) return termKey(1, wire, 'a')
  const side = /[ab]$/i.exec(text)?.[0].toLowerCase()
  const ofSide = side === undefined ? undefined : named(wires, text.slice(0, -1))
  if (ofSide !== undefined) return termKey(1, ofSide, side === 'b' ? 'b' : 'a')
  const dot = text.indexOf('.')
  const cavity = dot < 0 ? undefined : named(byCavity, cavityKey(1, text.slice(0, dot), text.slice(dot + 1)))
  if (cavity !== undefined) return byCavity.get(cavity)?.key
  const end = named(byEnd, endKey(1, text))
  return end === undefined ? undefined : byEnd.get(end)?.[0]?.key
}
