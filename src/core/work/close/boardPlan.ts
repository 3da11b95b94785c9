import { type NoPlace, ties } from '../../craft/ties/ties'
import { insulationMmOf } from '../../record/plan/facts'
import { type Layout, type Segment, segmentsAt, wiresIn } from '../../record/plan/layout'
import { derivedOf } from '../../record/state/derivedOf'
import { planIndex } from '../../record/plan/plan'

/** No tie so near a branch's root, and none so near a label, mm. */
const ROOT_MM = 20
const LABEL_MM = 15

/** Ties by what they go round: common sizes, length by width, and the largest bundle of each, mm. */
export const tieSizes = [
  { name: '100 × 2.5', bundleMm: 22 },
  { name: '150 × 3.6', bundleMm: 38 },
  { name: '200 × 4.8', bundleMm: 52 },
  { name: '300 × 4.8', bundleMm: 82 },
  { name: '370 × 7.6', bundleMm: 102 },
] as const

/** Bores of sleeves, mm. */
export const sleeveBoresMm = [3, 4, 6, 8, 10, 12, 16, 20, 25, 32, 40, 50, 63] as const

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
  readonly labelsMm: readonly number[]
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
    const labelsMm =
      layout.labelMm === undefined
        ? []
        : [
            ...(isEnd(segment.from) && layout.labelMm < lengthMm ? [layout.labelMm] : []),
            ...(isEnd(segment.to) && layout.labelMm < lengthMm ? [lengthMm - layout.labelMm] : []),
          ]
    const keepOut = [
      ...layout.keepOuts.filter((one) => one.segment === segment.id),
      ...labelsMm.map((label) => ({ fromMm: Math.max(0, label - LABEL_MM), toMm: label + LABEL_MM })),
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
      labelsMm,
    }
  })
})

/** A bundle as hands lay it, from how it would pack, mm. */
export const laidMm = (layout: Layout, packedMm: number): number => packedMm * (1 + layout.laidShare)

/** The tie that goes round a bundle; undefined where none of them does. */
export const tieFor = (bundleMm: number): string | undefined => tieSizes.find((size) => bundleMm <= size.bundleMm)?.name

/** The next bore of a sleeve, mm; undefined where none is wide enough. */
export const sleeveFor = (bundleMm: number): number | undefined => sleeveBoresMm.find((bore) => bore >= bundleMm)
