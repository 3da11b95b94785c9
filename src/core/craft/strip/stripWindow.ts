import { placeAtStep, STEP } from '../../base/units/atStep'
import type { StripLimit, StripShape } from '../../parts/catalogue/stripShape'
import { type Result, fail, ok } from '../../base/result'

export interface StripWindow {
  readonly minMm: number
  readonly nominalMm: number
  readonly maxMm: number
  /** what is seen at the contact when the strip is shorter or longer than the window */
  readonly limits: { readonly below: StripLimit; readonly above: StripLimit }
}

export interface NoStripWindow {
  readonly kind: 'no-window'
  readonly reachMm: number
  readonly brushMinMm: number
}

/**
 * The strip length that a contact's own dimensions ask for.
 *
 * Closed barrel: barrel depth + cup depth + gap, so that the conductor bottoms and the insulation stays out.
 * Open barrel: brush + conductor barrel + half of the transition window, so that the insulation's edge lies midway.
 * Sleeve: the barrel and what may stand past its end, with the insulation against its mouth.
 *
 * @param shape dimensions in mm
 * @returns     the window in mm with what each end of it breaks; `no-window` when the smallest brush has no room
 */
export function stripWindow(shape: StripShape): Result<StripWindow, NoStripWindow> {
  if (shape.kind === 'closed') {
    const base = shape.barrelDepthMm + shape.cupDepthMm
    // where the rules want a gap, it runs out before the conductor leaves the hole
    const below = shape.gap.minMm > 0 ? 'gap-too-small' : 'hole-empty'
    return ok(window(base + shape.gap.minMm, base + shape.gap.maxMm, below, 'gap-too-large'))
  }
  if (shape.kind === 'sleeve')
    return ok(
      window(
        shape.barrelMm + shape.past.minMm,
        shape.barrelMm + shape.past.maxMm,
        'tip-not-reached',
        'strands-past-tip',
      ),
    )
  if (shape.reachMm < shape.brush.minMm)
    return fail({ kind: 'no-window', reachMm: shape.reachMm, brushMinMm: shape.brush.minMm })
  const base = shape.conductorBarrelMm + shape.transitionMm / 2
  const reachIsLess = shape.reachMm < shape.brush.maxMm
  return ok(
    window(
      base + shape.brush.minMm,
      base + Math.min(shape.brush.maxMm, shape.reachMm),
      'brush-too-short',
      reachIsLess ? 'brush-reaches-mating-part' : 'bare-under-insulation-wings',
    ),
  )
}

const window = (minMm: number, maxMm: number, below: StripLimit, above: StripLimit): StripWindow => ({
  minMm,
  nominalMm: (minMm + maxMm) / 2,
  maxMm,
  limits: { below, above },
})

export type StripVerdict =
  | { readonly kind: 'inside' }
  | { readonly kind: 'short'; readonly byMm: number; readonly limit: StripLimit }
  | { readonly kind: 'long'; readonly byMm: number; readonly limit: StripLimit }

/** Is a measured strip inside the window at the step of strips, and if not, by how much and what would be seen? */
export function judgeStrip(stripMm: number, within: StripWindow): StripVerdict {
  const place = placeAtStep(stripMm, within, STEP.stripMm)
  if (place === 'below') return { kind: 'short', byMm: within.nominalMm - stripMm, limit: within.limits.below }
  if (place === 'above') return { kind: 'long', byMm: stripMm - within.nominalMm, limit: within.limits.above }
  return { kind: 'inside' }
}
