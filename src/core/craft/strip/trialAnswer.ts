import { tenth } from '../../base/units/tenth'
import { judgeStrip, type StripWindow } from './stripWindow'
import type { StripShape } from '../../parts/catalogue/stripShape'

/** What is seen when a stripped wire is tried in its contact, before the stroke. */
export type Sighting =
  | 'fits'
  | 'hole-empty'
  | 'springy'
  | 'insulation-inside'
  | 'gap-large'
  | 'brush-long'
  | 'brush-missing'
  | 'insulation-past-wings'
  | 'tip-short'
  | 'tip-long'
  | 'strands-damaged'

/** Where the insulation ends when the brush is too long: it tells a long strip from a wire pushed too deep. */
export type EdgePlace = 'in-window' | 'under-conductor-wings'

export interface SightingKind {
  readonly id: Sighting
  /** which figure is asked for: gap or brush in mm, strands */
  readonly asks: 'gap' | 'brush' | 'strands' | undefined
  readonly asksEdge: boolean
}

const sighting = (id: Sighting, asks?: SightingKind['asks'], asksEdge = false): SightingKind => ({ id, asks, asksEdge })

/** What can be seen at each kind of barrel, the likeliest first. */
export const sightings: Readonly<Record<StripShape['kind'], readonly SightingKind[]>> = {
  closed: [
    sighting('fits'),
    sighting('hole-empty'),
    sighting('springy'),
    sighting('gap-large', 'gap'),
    sighting('insulation-inside'),
    sighting('strands-damaged', 'strands'),
  ],
  open: [
    sighting('fits'),
    sighting('brush-long', 'brush', true),
    sighting('brush-missing'),
    sighting('insulation-past-wings'),
    sighting('strands-damaged', 'strands'),
  ],
  sleeve: [
    sighting('fits'),
    sighting('tip-short'),
    sighting('tip-long', 'brush'),
    sighting('gap-large', 'gap'),
    sighting('strands-damaged', 'strands'),
  ],
}

/** What to set differently for the next one. */
export type ForTheNext =
  | { readonly kind: 'strip-stop'; readonly toMm: number }
  | { readonly kind: 'wire-stop' }
  | { readonly kind: 'stop-gently' }
  | { readonly kind: 'larger-notch' }

export interface TrialAnswer {
  readonly do: 'go-on' | 'measure' | 'strip-more' | 'trim-conductor' | 'draw-back' | 'push-home' | 'cut-back'
  /** how much, where it is a length */
  readonly byMm?: number
  /** strip after it */
  readonly stripMm?: number
  readonly next?: ForTheNext
  /** wire that it costs */
  readonly costMm: number
  /** may it be done with the slack that is left? */
  readonly slack: 'enough' | 'short'
  /** a length that nobody has measured: strip a little, try again */
  readonly smallBite?: true
}

export interface Trial {
  readonly shape: StripShape
  readonly window: StripWindow
  /** as measured; the window's middle when nobody measured */
  readonly stripMm: number
  readonly sees: Sighting
  /** gap or brush that is seen, mm */
  readonly seenMm?: number | undefined
  readonly edge?: EdgePlace | undefined
  readonly strandsLost?: number | undefined
  readonly strandAllowance: number
  /** slack of this wire, and what cutting back costs */
  readonly slackMm: number
  readonly tryMm: number
  /** where the stripper's stop stands now */
  readonly stopMm: number
  /** the frame has a wire stop to set */
  readonly hasWireStop: boolean
}

/** A bite that a hand can take without going too far. */
const BITE_MM = 0.5

/**
 * What to do about what is seen, in mm, whether the slack allows it, and what to set for the next wire.
 * A strip stop is moved by as much as this strip is off the middle of its window.
 */
export function trialAnswer(trial: Trial): TrialAnswer {
  const { window, stripMm, sees, slackMm } = trial
  const free = (answer: Omit<TrialAnswer, 'costMm' | 'slack'>): TrialAnswer => ({
    ...answer,
    costMm: 0,
    slack: 'enough',
  })
  const costing = (costMm: number, answer: Omit<TrialAnswer, 'costMm' | 'slack'>): TrialAnswer => ({
    ...answer,
    costMm,
    slack: costMm <= slackMm + 1e-9 ? 'enough' : 'short',
  })
  const offMm = stripMm - window.nominalMm
  const stop = (off: number): { readonly next?: ForTheNext } =>
    Math.abs(off) < 0.05 ? {} : { next: { kind: 'strip-stop', toMm: tenth(trial.stopMm - off) } }
  const more = (): TrialAnswer => {
    const byMm = tenth(-offMm)
    // a strip that measures right and is seen short was not measured right: a small bite, then another look
    return byMm >= 0.1
      ? free({ do: 'strip-more', byMm, stripMm: tenth(stripMm + byMm), ...stop(offMm) })
      : free({ do: 'strip-more', byMm: BITE_MM, stripMm: tenth(stripMm + BITE_MM), smallBite: true })
  }
  const trim = (byMm: number): TrialAnswer => {
    if (judgeStrip(window.nominalMm + byMm, window).kind === 'long')
      return costing(tenth(byMm), {
        do: 'trim-conductor',
        byMm: tenth(byMm),
        stripMm: tenth(stripMm - byMm),
        ...stop(byMm),
      })
    // what was entered says that all is right, the eye says that it is not: only a figure of what is seen decides
    return trial.seenMm === undefined ? free({ do: 'measure' }) : free({ do: 'go-on', ...stop(byMm) })
  }
  switch (sees) {
    case 'fits':
      return free({ do: 'go-on', ...(judgeStrip(stripMm, window).kind === 'inside' ? {} : stop(offMm)) })
    case 'hole-empty':
      return judgeStrip(stripMm, window).kind === 'short' ? more() : free({ do: 'push-home' })
    case 'springy':
    case 'insulation-inside':
    case 'tip-short':
      return more()
    case 'brush-missing':
      return judgeStrip(stripMm, window).kind === 'short' ? more() : free({ do: 'push-home' })
    case 'gap-large':
      return trim((trial.seenMm ?? gapOf(trial)) - middleGap(trial))
    case 'tip-long':
      return trim((trial.seenMm ?? offMm + middlePast(trial)) - middlePast(trial))
    case 'brush-long': {
      const overMm = (trial.seenMm ?? offMm + middleBrush(trial)) - middleBrush(trial)
      if (trial.edge !== 'under-conductor-wings') return trim(overMm)
      return free({
        do: 'draw-back',
        byMm: tenth(Math.max(0.1, overMm)),
        next: { kind: trial.hasWireStop ? 'wire-stop' : 'stop-gently' },
      })
    }
    case 'insulation-past-wings':
      return judgeStrip(stripMm, window).kind === 'short'
        ? more()
        : free({
            do: 'draw-back',
            byMm: BITE_MM,
            smallBite: true,
            next: { kind: trial.hasWireStop ? 'wire-stop' : 'stop-gently' },
          })
    case 'strands-damaged':
      return (trial.strandsLost ?? 1) <= trial.strandAllowance
        ? free({ do: 'go-on', next: { kind: 'larger-notch' } })
        : costing(trial.tryMm, { do: 'cut-back', next: { kind: 'larger-notch' } })
  }
}

/** Gap, brush and overhang in the middle of the window: what a trim leaves. */
const middleGap = ({ shape, window }: Trial) =>
  shape.kind === 'closed' ? Math.max(0, window.nominalMm - shape.barrelDepthMm - shape.cupDepthMm) : 0
const gapOf = ({ shape, stripMm }: Trial) =>
  shape.kind === 'closed' ? stripMm - shape.barrelDepthMm - shape.cupDepthMm : 0
const middleBrush = ({ shape, window }: Trial) =>
  shape.kind === 'open' ? window.nominalMm - shape.conductorBarrelMm - shape.transitionMm / 2 : 0
const middlePast = ({ shape, window }: Trial) => (shape.kind === 'sleeve' ? window.nominalMm - shape.barrelMm : 0)
