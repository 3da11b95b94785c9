/** Blades wear and strands spread: a notch needs this much over the bundle to leave every strand whole. */
const NOTCH_CLEARANCE_MM = 0.05

export type NotchChoice =
  | { readonly kind: 'notch'; readonly notchMm: number; readonly clearanceMm: number }
  | { readonly kind: 'none'; readonly bundleMm: number; readonly largestMm: number | undefined }

/**
 * The smallest notch that clears the strand bundle and still bites the insulation.
 * @param bundleMm    bare strand bundle, mm
 * @param insulationMm outer diameter of the insulation, mm
 * @param notchesMm   the stripper's openings, mm, any order
 */
export function stripperNotch(bundleMm: number, insulationMm: number, notchesMm: readonly number[]): NotchChoice {
  const fitting = notchesMm.filter((notch) => notch >= bundleMm + NOTCH_CLEARANCE_MM && notch < insulationMm)
  if (fitting.length === 0)
    return { kind: 'none', bundleMm, largestMm: notchesMm.length > 0 ? Math.max(...notchesMm) : undefined }
  const notchMm = Math.min(...fitting)
  return { kind: 'notch', notchMm, clearanceMm: notchMm - bundleMm }
}
