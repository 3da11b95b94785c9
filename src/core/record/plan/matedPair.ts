import type { Housing } from '../../parts/catalogue/types'
import { type Facts, housingOf } from './facts'
import { cavityKey } from './keys'
import { type Plan, type Wire, planIndex } from './plan'

/** One cavity of a mated pair: which wires meet there, and what is odd about it. */
export interface MatedCavity {
  readonly cavity: string
  readonly a?: Wire
  readonly b?: Wire
  readonly odd?: 'one-side-only' | 'signals-differ' | 'colours-differ' | 'not-there'
}

export type PairFault =
  | { readonly kind: 'no-housing'; readonly end: string }
  | { readonly kind: 'same-role'; readonly role: Housing['role'] }
  | { readonly kind: 'not-made-for'; readonly a: string; readonly b: string }
  | { readonly kind: 'keying-differs'; readonly a: string | undefined; readonly b: string | undefined }

export interface MatedPair {
  readonly faults: readonly PairFault[]
  /** in the order of the first end's face */
  readonly cavities: readonly MatedCavity[]
}

/**
 * Two ends that are to be mated: do their halves go together, and does each cavity's wire meet the one that is meant?
 * Compared by signal where both say one, and by colour.
 */
export function matedPair(plan: Plan, facts: Facts, aId: string, bId: string): MatedPair {
  const [a, b] = [housingOf(facts, plan, aId), housingOf(facts, plan, bId)]
  if (!a || !b)
    return {
      faults: [
        ...(a ? [] : [{ kind: 'no-housing' as const, end: aId }]),
        ...(b ? [] : [{ kind: 'no-housing' as const, end: bId }]),
      ],
      cavities: [],
    }
  const faults: PairFault[] = []
  const made = (a.mates ?? []).includes(b.id) || (b.mates ?? []).includes(a.id)
  if (!made)
    faults.push(
      a.family === b.family && a.role === b.role
        ? { kind: 'same-role', role: a.role }
        : { kind: 'not-made-for', a: a.name, b: b.name },
    )
  const keying = (id: string) => plan.ends.find((end) => end.id === id)?.keying
  if (keying(aId) !== keying(bId)) faults.push({ kind: 'keying-differs', a: keying(aId), b: keying(bId) })
  const { byCavity } = planIndex(plan)
  const there = new Set(b.cavities.map((cavity) => cavity.id))
  const beyond = b.cavities.filter((cavity) => !a.cavities.some((one) => one.id === cavity.id))
  const cavities = [...a.cavities, ...beyond].map(({ id }): MatedCavity => {
    const one = byCavity.get(cavityKey(1, aId, id))?.wire
    const other = byCavity.get(cavityKey(1, bId, id))?.wire
    const odd =
      !there.has(id) || beyond.some((cavity) => cavity.id === id)
        ? (one ?? other)
          ? 'not-there'
          : undefined
        : oddity(one, other)
    return { cavity: id, ...(one && { a: one }), ...(other && { b: other }), ...(odd && { odd }) }
  })
  return { faults, cavities }
}

function oddity(a: Wire | undefined, b: Wire | undefined): MatedCavity['odd'] {
  if (!a && !b) return undefined
  if (!a || !b) return 'one-side-only'
  if (a.signal !== undefined && b.signal !== undefined && a.signal.toLowerCase() !== b.signal.toLowerCase())
    return 'signals-differ'
  return a.colour === b.colour ? undefined : 'colours-differ'
}
