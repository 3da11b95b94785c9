import { sideOf, type Plan, type PlanChange, type SideLetter, type Wire } from '../../record/plan/plan'

/**
 * A wire that has become too short at one side gets a piece of the same wire spliced in: the piece goes into the cavity, the
 * wire that is there ends in the splice.
 * @param pieceMm length of the piece between its ends
 * @returns undefined where the wire is not that long, or the side is in no cavity
 */
export function spliceIn(plan: Plan, wireId: string, side: SideLetter, pieceMm: number): PlanChange | undefined {
  const wire = plan.wires.find((one) => one.id === wireId)
  const at = wire && sideOf(wire, side)
  if (!wire || at?.kind !== 'cavity' || pieceMm >= wire.lengthMm) return undefined
  const joint: Wire['from'] = { kind: 'splice', splice: freeSplice(plan) }
  const rest: Wire = { ...wire, lengthMm: wire.lengthMm - pieceMm, ...(side === 'a' ? { from: joint } : { to: joint }) }
  const piece: Wire = {
    ...wire,
    id: freeWire(plan, wireId),
    lengthMm: pieceMm,
    from: side === 'a' ? at : joint,
    to: side === 'a' ? joint : at,
  }
  return { putWires: [rest, piece] }
}

function freeSplice(plan: Plan): string {
  const used = new Set(
    plan.wires.flatMap((wire) => [wire.from, wire.to]).flatMap((at) => (at.kind === 'splice' ? [at.splice] : [])),
  )
  for (let n = 1; ; n++) if (!used.has(`S${n}`)) return `S${n}`
}

function freeWire(plan: Plan, wireId: string): string {
  const used = new Set(plan.wires.map((wire) => wire.id))
  for (let n = 2; ; n++) if (!used.has(`${wireId}-${n}`)) return `${wireId}-${n}`
}
