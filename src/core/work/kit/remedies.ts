import type { Catalogue } from '../../parts/catalogue/catalogue'
import type { WireType } from '../../parts/catalogue/types'
import { designatedAreaMm2 } from '../../record/plan/facts'
import { changePlan, sideOf, type Plan, type SideLetter, type Wire } from '../../record/plan/plan'
import type { WorkableSet } from '../../craft/fit/fitTypes'
import { answerBest, question } from './question'

/** A way out for a wire that no set takes: another wire of the same size that works at both of its sides. */
export interface Remedy {
  readonly wireType: WireType
  /** the set that this side would then have */
  readonly set: WorkableSet
}

/** Sizes within this share of each other are the same wire to an electrician: 0.5 and 20 AWG. */
const SAME_SIZE = 0.06

/** Wire types of the same size from the shelf with which every worked side of the wire has a workable set; nearest insulation first. */
export function remedies(
  catalogue: Catalogue,
  plan: Plan,
  wire: Wire,
  side: SideLetter,
  today: string,
): readonly Remedy[] {
  const now = catalogue.wireTypes.get(wire.type)
  if (!now) return []
  const areaMm2 = designatedAreaMm2(now)
  const { insulationMm: _measured, ...bare } = wire
  return [...catalogue.wireTypes.values()]
    .filter((type) => type.id !== wire.type && Math.abs(designatedAreaMm2(type) / areaMm2 - 1) <= SAME_SIZE)
    .flatMap((wireType): Remedy[] => {
      const other: Wire = { ...bare, type: wireType.id }
      const changed = changePlan(plan, { putWires: [other] })
      const answers = (['a', 'b'] as const).map((one) => {
        const { kind } = sideOf(other, one)
        if (kind === 'open' || kind === 'with') return 'none' as const
        const asked = question({ catalogue, plan: changed, today }, other, one)
        return asked && answerBest(catalogue, asked)
      })
      const here = answers[side === 'a' ? 0 : 1]
      return answers.every((answer) => answer !== undefined) && here && here !== 'none' ? [{ wireType, set: here }] : []
    })
    .sort(
      (a, b) =>
        Math.abs(a.wireType.insulationMm - now.insulationMm) - Math.abs(b.wireType.insulationMm - now.insulationMm),
    )
}
