import { releaseMechanisms, type ImprovisedTool, type ReleaseTip } from './releaseMechanisms'
import type { FamilyFacts, Tool } from './types'
import type { HouseRules } from '../rules/houseRules'

/** The tool that lets a contact go, or why there is none. */
export type ReleaseTool =
  /** fingers are enough */
  | { readonly kind: 'none-needed' }
  | {
      readonly kind: 'held'
      readonly tool: Tool
      readonly tip: ReleaseTip
      /** two-ended: the plain tip lets out, the one with the ledge puts in */ readonly twoEnds: boolean
    }
  | {
      readonly kind: 'missing'
      readonly tip: ReleaseTip
      /** what it would have to fit */
      readonly size: string
      readonly insulationMm?: number | undefined
      /** those of this tip that the crib has, none of which fits */
      readonly unfit: readonly Tool[]
      /** what the house rules let a bench do instead */
      readonly improvised: readonly ImprovisedTool[]
    }

/** Is it a tool that lets contacts of a family go? */
export function isReleaseToolOf(
  { release, held }: Pick<Tool, 'release' | 'held'>,
  family: Pick<FamilyFacts, 'release' | 'sizes'>,
): boolean {
  if (!release || held === 'shop' || release.tip !== releaseMechanisms[family.release].tool) return false
  return release.sizes === undefined || release.sizes.some((size) => family.sizes.some((one) => one.id === size))
}

/**
 * Which tool takes a contact of this size on this wire out, of those at hand. Where several fit, the one with the narrowest
 * wire range: it holds the wire best.
 */
export function releaseTool(
  family: Pick<FamilyFacts, 'release' | 'sizes'>,
  size: string,
  insulationMm: number | undefined,
  tools: Iterable<Tool>,
  rules: Pick<HouseRules, 'improvisedRelease'>,
): ReleaseTool {
  const { tool: tip, toolBy, insertTool, improvised } = releaseMechanisms[family.release]
  if (tip === 'none') return { kind: 'none-needed' }
  const ofTip = [...tools].filter((tool) => isReleaseToolOf(tool, family))
  const fits = ({ release }: Tool) =>
    (release?.sizes?.includes(size) ?? true) &&
    (toolBy !== 'wire' ||
      insulationMm === undefined ||
      release?.wire === undefined ||
      (insulationMm >= release.wire.minMm && insulationMm <= release.wire.maxMm))
  const widthMm = ({ release }: Tool) => (release?.wire ? release.wire.maxMm - release.wire.minMm : Infinity)
  const [best] = ofTip.filter(fits).sort((a, b) => widthMm(a) - widthMm(b) || (a.id < b.id ? -1 : 1))
  if (best) return { kind: 'held', tool: best, tip, twoEnds: insertTool && best.release?.insertionEnd === true }
  return {
    kind: 'missing',
    tip,
    size,
    insulationMm,
    unfit: ofTip,
    improvised: rules.improvisedRelease === 'forbidden' ? [] : improvised,
  }
}
