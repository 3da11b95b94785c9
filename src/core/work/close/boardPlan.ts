import { type NoPlace, ties } from '../../craft/ties/ties'
import { insulationMmOf } from '../../record/plan/facts'
import { type Layout, type Segment, segmentsAt, wiresIn } from '../../record/plan/layout'
import { derivedOf } from '../../record/state/derivedOf'
import { planIndex } from '../../record/plan/plan'

/** No tie so near a branch's root, and none so near a label, mm. */
const ROOT_MM = 20
const LABEL_MM = 15

/** The label of an end on the bundle behind it: the one that the label sheet prints. */
export interface EndLabel {
  readonly end: string
  readonly atMm: number
}

/** One stretch of a board: what lies in it, where its ties and labels are. */
export interface BoardSegment {
  readonly segment: Segment
  /** diameters over the insulation, mm */
  readonly diametersMm: readonly number[]
  readonly wires: number
  /** from `from`, mm */
  readonly tiesMm: readonly number[]
  readonly pitchMm: number
  /** where no tie could be put */
  readonly noPlace?: NoPlace
  /** too short for any */
  readonly tooShort: boolean
  readonly labels: readonly EndLabel[]
  /** how its ties are made */
  readonly held: Layout['held']
}

/** The board of a layout: every stretch with its ties, labels and what lies in it. */
export const boardPlan = derivedOf((state): readonly BoardSegment[] => {
  const { plan, facts } = state
  const { layout } = plan
  if (!layout) return []
  const at = segmentsAt(layout)
  const lie = wiresIn(plan, layout)
  const isEnd = (node: string) => planIndex(plan).ends.has(node)
  const isRoot = (node: string) => (at.get(node)?.length ?? 0) > 2
  return layout.segments.map((segment): BoardSegment => {
    const { lengthMm } = segment
    const wires = lie.get(segment.id) ?? []
    const { labelMm } = layout
    const labels: readonly EndLabel[] =
      labelMm === undefined || labelMm >= lengthMm
        ? []
        : [
            { end: segment.from, atMm: labelMm },
            { end: segment.to, atMm: lengthMm - labelMm },
          ].filter(({ end }) => isEnd(end))
    const keepOut = [
      ...layout.keepOuts.filter((one) => one.segment === segment.id),
      ...labels.map(({ atMm }) => ({ fromMm: Math.max(0, atMm - LABEL_MM), toMm: atMm + LABEL_MM })),
      ...(isRoot(segment.from) ? [{ fromMm: 0, toMm: ROOT_MM }] : []),
      ...(isRoot(segment.to) ? [{ fromMm: lengthMm - ROOT_MM, toMm: lengthMm }] : []),
    ]
    const tooShort = layout.held === 'none' || lengthMm < 2 * layout.firstMm
    const laid = tooShort
      ? undefined
      : ties({ lengthMm, firstOffsetMm: layout.firstMm, pitchMm: layout.pitchMm, keepOut })
    return {
      segment,
      diametersMm: wires.flatMap((wire) => insulationMmOf(facts, wire) ?? []),
      wires: wires.length,
      tiesMm: laid?.ok ? laid.value.positionsMm : [],
      pitchMm: laid?.ok ? laid.value.pitchMm : 0,
      ...(laid && !laid.ok && { noPlace: laid.fault }),
      tooShort,
      labels,
      held: layout.held,
    }
  })
})
