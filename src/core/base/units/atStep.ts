import type { Range } from '../range'

/** The steps at which figures are judged and shown: finer than a hand can tell, a verdict says nothing. */
export const STEP = { stripMm: 0.1, heightMm: 0.01 } as const

/** Binary forms of decimal figures are off by far less than this share of a step. */
const SLACK = 1e-6

/**
 * A window as it is judged and shown at a step: its limits rounded inward, so that what is said to be a limit is inside.
 * A window that holds no step stays what it is.
 */
export function atStep({ minMm, maxMm }: Range, step: number): Range & { readonly holdsStep: boolean } {
  const perMm = Math.round(1 / step)
  const low = Math.ceil(minMm * perMm - SLACK) / perMm
  const high = Math.floor(maxMm * perMm + SLACK) / perMm
  return low <= high ? { minMm: low, maxMm: high, holdsStep: true } : { minMm, maxMm, holdsStep: false }
}

/**
 * Where a figure lies in a window, both at a step.
 * @returns `inside` for a figure that, as it is shown, lies within the limits as they are shown
 */
export function placeAtStep(valueMm: number, window: Range, step: number): 'below' | 'inside' | 'above' {
  const { minMm, maxMm, holdsStep } = atStep(window, step)
  const perMm = Math.round(1 / step)
  const shownMm = holdsStep ? Math.round(valueMm * perMm + Math.sign(valueMm) * SLACK) / perMm : valueMm
  return shownMm < minMm ? 'below' : shownMm > maxMm ? 'above' : 'inside'
}
