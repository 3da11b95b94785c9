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

type Advice = Omit<TrialAnswer, 'costMm' | 'slack'>

const free = (advice: Advice): TrialAnswer => ({ ...advice, costMm: 0, slack: 'enough' })
const costing = ({ slackMm }: Trial, costMm: number, advice: Advice): TrialAnswer => ({
  ...advice,
  costMm,
  slack: costMm <= slackMm + 1e-9 ? 'enough' : 'short',
})

const offOf = ({ stripMm, window }: Trial) => stripMm - window.nominalMm
const isShort = ({ stripMm, window }: Trial) => judgeStrip(stripMm, window).kind === 'short'

/** The stop for the next wire: moved by as much as this strip is off. */
const stop = ({ stopMm }: Trial, offMm: number): { readonly next?: ForTheNext } =>
  Math.abs(offMm) < 0.05 ? {} : { next: { kind: 'strip-stop', toMm: tenth(stopMm - offMm) } }

function stripMore(trial: Trial): TrialAnswer {
  const { stripMm } = trial
  const byMm = tenth(-offOf(trial))
  // a strip that measures right and is seen short was not measured right: a small bite, then another look
  return byMm >= 0.1
    ? free({ do: 'strip-more', byMm, stripMm: tenth(stripMm + byMm), ...stop(trial, offOf(trial)) })
    : free({ do: 'strip-more', byMm: BITE_MM, stripMm: tenth(stripMm + BITE_MM), smallBite: true })
}

function trimConductor(trial: Trial, byMm: number): TrialAnswer {
  const { window, stripMm, seenMm } = trial
  if (judgeStrip(window.nominalMm + byMm, window).kind === 'long')
    return costing(trial, tenth(byMm), {
      do: 'trim-conductor',
      byMm: tenth(byMm),
      stripMm: tenth(stripMm - byMm),
      ...stop(trial, byMm),
    })
  // what was entered says that all is right, the eye says that it is not: only a figure of what is seen decides
  return seenMm === undefined ? free({ do: 'measure' }) : free({ do: 'go-on', ...stop(trial, byMm) })
}

/** It was pushed in too deep: it is drawn back, and the next is stopped. */
const drawBack = ({ hasWireStop }: Trial, byMm: number, smallBite = false): TrialAnswer =>
  free({
    do: 'draw-back',
    byMm,
    ...(smallBite && { smallBite: true as const }),
    next: { kind: hasWireStop ? 'wire-stop' : 'stop-gently' },
  })

const pushHome = (): TrialAnswer => free({ do: 'push-home' })

/** What each sighting means. */
const answers: Readonly<Record<Sighting, (trial: Trial) => TrialAnswer>> = {
  fits: (trial) =>
    free({
      do: 'go-on',
      ...(judgeStrip(trial.stripMm, trial.window).kind === 'inside' ? {} : stop(trial, offOf(trial))),
    }),
  'hole-empty': (trial) => (isShort(trial) ? stripMore(trial) : pushHome()),
  'brush-missing': (trial) => (isShort(trial) ? stripMore(trial) : pushHome()),
  springy: stripMore,
  'insulation-inside': stripMore,
  'tip-short': stripMore,
  'gap-large': (trial) => trimConductor(trial, (trial.seenMm ?? gapOf(trial)) - middleGap(trial)),
  'tip-long': (trial) => trimConductor(trial, (trial.seenMm ?? offOf(trial) + middlePast(trial)) - middlePast(trial)),
  'brush-long': (trial) => {
    const overMm = (trial.seenMm ?? offOf(trial) + middleBrush(trial)) - middleBrush(trial)
    return trial.edge === 'under-conductor-wings'
      ? drawBack(trial, tenth(Math.max(0.1, overMm)))
      : trimConductor(trial, overMm)
  },
  'insulation-past-wings': (trial) => (isShort(trial) ? stripMore(trial) : drawBack(trial, BITE_MM, true)),
  'strands-damaged': (trial) =>
    (trial.strandsLost ?? 1) <= trial.strandAllowance
      ? free({ do: 'go-on', next: { kind: 'larger-notch' } })
      : costing(trial, trial.tryMm, { do: 'cut-back', next: { kind: 'larger-notch' } }),
}

/**
 * What to do about what is seen, in mm, whether the slack allows it, and what to set for the next wire.
 * A strip stop is moved by as much as this strip is off the middle of its window.
 */
export const trialAnswer = (trial: Trial): TrialAnswer => answers[trial.sees](trial)

/** Gap, brush and overhang in the middle of the window: what a trim leaves. */
const middleGap = ({ shape, window }: Trial) =>
  shape.kind === 'closed' ? Math.max(0, window.nominalMm - shape.barrelDepthMm - shape.cupDepthMm) : 0
const gapOf = ({ shape, stripMm }: Trial) =>
  shape.kind === 'closed' ? stripMm - shape.barrelDepthMm - shape.cupDepthMm : 0
const middleBrush = ({ shape, window }: Trial) =>
  shape.kind === 'open' ? window.nominalMm - shape.conductorBarrelMm - shape.transitionMm / 2 : 0
const middlePast = ({ shape, window }: Trial) => (shape.kind === 'sleeve' ? window.nominalMm - shape.barrelMm : 0)
