import { placeAtStep, STEP } from '../../base/units/atStep'
import type { Setup } from '../setup/setup'
import { type StripWindow, judgeStrip } from '../strip/stripWindow'
import { type CauseCode, type DefectCode, defects } from './looks'

export type CureCode =
  | 'strip-more'
  | 'strip-less'
  | 'set-wire-stop'
  | 'push-home'
  | 'lay-strands'
  | 'larger-notch'
  | 'check-positioner'
  | 'check-selector'
  | 'check-die'
  | 'hold-square'
  | 'verify-tool'
  | 'set-locator'
  | 'thread-seal'
  | 'seal-forward'
  | 'change-cutter'
  | 'turn-die'
  | 'turn-seam'
  | 'squeeze-on'

/** The cure at the root of each cause. */
export const cureOf: Readonly<Record<CauseCode, CureCode>> = {
  'strip-short': 'strip-more',
  'strip-long': 'strip-less',
  'pushed-too-deep': 'set-wire-stop',
  'not-pushed-home': 'push-home',
  'strands-splayed': 'lay-strands',
  'notch-small': 'larger-notch',
  'positioner-wrong': 'check-positioner',
  'selector-high': 'check-selector',
  'selector-low': 'check-selector',
  'die-wrong': 'check-die',
  'tool-tilted': 'hold-square',
  'tool-worn': 'verify-tool',
  'locator-off': 'set-locator',
  'seal-slipped': 'seal-forward',
  'seal-forgotten': 'thread-seal',
  'cut-off-dull': 'change-cutter',
  'die-reversed': 'turn-die',
  'seam-turned': 'turn-seam',
  'tool-jammed': 'verify-tool',
  'let-go-early': 'squeeze-on',
}

/** Causes that need a part which a setup may not have. */
const needs: Readonly<Partial<Record<CauseCode, (setup: Setup) => boolean>>> = {
  'positioner-wrong': (setup) => setup.positioner !== undefined || setup.turret !== undefined,
  'selector-high': (setup) => setup.selector !== undefined,
  'selector-low': (setup) => setup.selector !== undefined,
  'die-wrong': (setup) => setup.die !== undefined || setup.nest !== undefined,
  'die-reversed': (setup) => setup.die !== undefined || setup.nest !== undefined,
  'locator-off': (setup) => setup.die !== undefined || setup.positioner !== undefined || setup.turret !== undefined,
}

/** What was measured, and speaks for or against a cause. */
export interface CauseEvidence {
  /** what is mounted: a frame without a die has no wrong die */
  readonly setup?: Setup | undefined
  readonly strip?: { readonly stripMm: number; readonly window: StripWindow } | undefined
  readonly height?: { readonly heightMm: number; readonly minMm: number; readonly maxMm: number } | undefined
}

export interface RankedCause {
  readonly cause: CauseCode
  readonly cure: CureCode
  /** a measured figure says so, or says otherwise */
  readonly evidence: 'for' | 'against' | 'none'
}

/**
 * Likely causes of a defect, the likeliest first: by experience, then by what was measured. A strip that lies well inside its
 * window is not why a brush is missing.
 */
export function rankCauses(defect: DefectCode, evidence: CauseEvidence = {}): readonly RankedCause[] {
  const all: readonly CauseCode[] = defects[defect].causes
  const { setup } = evidence
  const possible = setup ? all.filter((cause) => needs[cause]?.(setup) ?? true) : all
  // a worn or dirty frame is behind what no figure of the setup explains
  const causes: readonly CauseCode[] = possible.length > 0 ? possible : ['tool-worn']
  const ranked = causes.map((cause) => ({ cause, cure: cureOf[cause], evidence: weigh(cause, evidence) }))
  const order = { for: 0, none: 1, against: 2 } as const
  return ranked
    .map((one, at) => ({ one, at }))
    .sort((a, b) => order[a.one.evidence] - order[b.one.evidence] || a.at - b.at)
    .map(({ one }) => one)
}

function weigh(cause: CauseCode, { strip, height }: CauseEvidence): RankedCause['evidence'] {
  if (strip && (cause === 'strip-short' || cause === 'strip-long')) {
    const { kind } = judgeStrip(strip.stripMm, strip.window)
    // near an edge of the window a strip can still be why: only the middle half speaks against it
    const offMm = strip.stripMm - strip.window.nominalMm
    const quarter = (strip.window.maxMm - strip.window.minMm) / 4
    const wanted = cause === 'strip-short' ? -1 : 1
    if (kind === (cause === 'strip-short' ? 'short' : 'long')) return 'for'
    return offMm * wanted < quarter ? 'against' : 'none'
  }
  if (
    height &&
    (cause === 'selector-high' || cause === 'selector-low' || cause === 'die-wrong' || cause === 'tool-worn')
  ) {
    const place = placeAtStep(height.heightMm, height, STEP.heightMm)
    const [high, low] = [place === 'above', place === 'below']
    if (!high && !low) return 'against'
    if (cause === 'selector-high') return high ? 'for' : 'against'
    if (cause === 'selector-low') return low ? 'for' : 'against'
    return 'for'
  }
  return 'none'
}
