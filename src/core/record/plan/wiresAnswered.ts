import type { JobState } from '../state/state'
import { wireKey } from './keys'
import { type PlanChange, planIndex } from './plan'

/** What was answered of wires that are cut and change, as an entry says it: they were always so, and why; or each is another wire. */
export interface WiresAnswered {
  readonly corrected?: { wire: string; why: string }[] | undefined
  readonly another?: string[] | undefined
}

/** The same, as it is asked for. */
export interface SaidOfWires {
  readonly corrected: ReadonlySet<string>
  readonly another: ReadonlySet<string>
}

export const saidOfWires = ({ corrected = [], another = [] }: WiresAnswered): SaidOfWires => ({
  corrected: new Set(corrected.map(({ wire }) => wire)),
  another: new Set(another),
})

/** A wire that is cut and gets another colour or type in the plan: which of them. */
export interface AskedOfWire {
  readonly wire: string
  readonly what: readonly ('colour' | 'type')[]
}

/** Wires of a change of which only its author can say whether they were always so, or are other wires now. */
export function askedOfWires(
  { plan, cuts }: Pick<JobState, 'plan' | 'cuts'>,
  change: PlanChange,
): readonly AskedOfWire[] {
  const { wires } = planIndex(plan)
  const isCut = (wire: string) => {
    for (let unit = 1; unit <= plan.quantity; unit++) if (cuts.has(wireKey(unit, wire))) return true
    return false
  }
  return (change.putWires ?? []).flatMap((is): readonly AskedOfWire[] => {
    const was = wires.get(is.id)
    if (!was || !isCut(is.id)) return []
    const what = [
      ...(was.colour === is.colour ? [] : ['colour' as const]),
      ...(was.type === is.type ? [] : ['type' as const]),
    ]
    return what.length > 0 ? [{ wire: is.id, what }] : []
  })
}
