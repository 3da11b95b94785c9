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

/** What is asked besides, where one sighting has two causes: the strip is wrong, or the wire is not where it should be. */
export type TrialQuestion = 'touches' | 'edge-long' | 'edge-short' | 'brush-shows'

/** Which of the two it is, by the answer. */
export type WhatIsWrong = 'length' | 'depth'

export interface SightingKind {
  readonly id: Sighting
  /** which figure is asked for: gap or brush in mm, strands */
  readonly asks: 'gap' | 'brush' | 'strands' | undefined
  readonly question: TrialQuestion | undefined
}

const sighting = (id: Sighting, asks?: SightingKind['asks'], question?: TrialQuestion): SightingKind => ({
  id,
  asks,
  question,
})

/** What can be seen at each kind of barrel, the likeliest first. */
export const sightings: Readonly<Record<StripShape['kind'], readonly SightingKind[]>> = {
  closed: [
    sighting('fits'),
    sighting('hole-empty', undefined, 'touches'),
    sighting('springy'),
    sighting('gap-large', 'gap'),
    sighting('insulation-inside'),
    sighting('strands-damaged', 'strands'),
  ],
  open: [
    sighting('fits'),
    sighting('brush-long', 'brush', 'edge-long'),
    sighting('brush-missing', undefined, 'edge-short'),
    sighting('insulation-past-wings', undefined, 'brush-shows'),
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
  /** as measured; what nobody measured says nothing */
  readonly stripMm?: number | undefined
  readonly sees: Sighting
  /** gap or brush that is seen, mm */
  readonly seenMm?: number | undefined
  /** the answer to the sighting's question */
  readonly wrong?: WhatIsWrong | undefined
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
/** A stop is set to a tenth. */
const STOP_STEP_MM = 0.1

type Advice = Omit<TrialAnswer, 'costMm' | 'slack'>

const free = (advice: Advice): TrialAnswer => ({ ...advice, costMm: 0, slack: 'enough' })
const costing = ({ slackMm }: Trial, costMm: number, advice: Advice): TrialAnswer => ({
  ...advice,
  costMm,
  slack: costMm <= slackMm + 1e-9 ? 'enough' : 'short',
})

/** How far a measured strip is off the middle of its window; undefined when nobody measured. */
const offOf = ({ stripMm, window }: Trial) => (stripMm === undefined ? undefined : stripMm - window.nominalMm)

/** The stop for the next wire is the middle of the window: what one wire was off is as much the hand's as the stop's. */
const stop = ({ stopMm, window }: Trial): { readonly next?: ForTheNext } =>
  Math.abs(stopMm - window.nominalMm) < STOP_STEP_MM / 2
    ? {}
    : { next: { kind: 'strip-stop', toMm: tenth(window.nominalMm) } }

function stripMore(trial: Trial): TrialAnswer {
  const { stripMm } = trial
  const byMm = tenth(-(offOf(trial) ?? 0))
  // what was not measured, or measures right and is seen short: a small bite, then another look
  return byMm >= STOP_STEP_MM && stripMm !== undefined
    ? free({ do: 'strip-more', byMm, stripMm: tenth(stripMm + byMm), ...stop(trial) })
    : free({
        do: 'strip-more',
        byMm: BITE_MM,
        ...(stripMm !== undefined && { stripMm: tenth(stripMm + BITE_MM) }),
        smallBite: true,
      })
}

/**
 * Too long by what is seen, else by what was measured: it is trimmed to the middle.
 * @param seenOverMm how far what is seen is over its middle; undefined when no figure was given
 */
function trimConductor(trial: Trial, seenOverMm: number | undefined): TrialAnswer {
  const { window, stripMm } = trial
  const byMm = seenOverMm ?? offOf(trial)
  // without a figure nobody knows how much to trim; and what is within its window is not too long
  if (byMm === undefined) return free({ do: 'measure' })
  if (judgeStrip(window.nominalMm + byMm, window).kind !== 'long')
    return seenOverMm === undefined ? free({ do: 'measure' }) : free({ do: 'go-on', ...stop(trial) })
  return costing(trial, tenth(byMm), {
    do: 'trim-conductor',
    byMm: tenth(byMm),
    stripMm: tenth(seenOverMm === undefined || stripMm === undefined ? window.nominalMm : stripMm - byMm),
    ...stop(trial),
  })
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

const over = (trial: Trial, middleMm: number) => (trial.seenMm === undefined ? undefined : trial.seenMm - middleMm)
const lengthOrDepth = (trial: Trial, length: () => TrialAnswer, depth: () => TrialAnswer) =>
  trial.wrong === 'length' ? length() : depth()

/** What each sighting means. */
const answers: Readonly<Record<Sighting, (trial: Trial) => TrialAnswer>> = {
  fits: (trial) =>
    free({
      do: 'go-on',
      ...(trial.stripMm === undefined || judgeStrip(trial.stripMm, trial.window).kind === 'inside' ? {} : stop(trial)),
    }),
  'hole-empty': (trial) => lengthOrDepth(trial, () => stripMore(trial), pushHome),
  'brush-missing': (trial) => lengthOrDepth(trial, () => stripMore(trial), pushHome),
  springy: stripMore,
  'insulation-inside': stripMore,
  'tip-short': stripMore,
  'gap-large': (trial) => trimConductor(trial, over(trial, middleGap(trial))),
  'tip-long': (trial) => trimConductor(trial, over(trial, middlePast(trial))),
  'brush-long': (trial) =>
    lengthOrDepth(
      trial,
      () => trimConductor(trial, over(trial, middleBrush(trial))),
      () => {
        const overMm = over(trial, middleBrush(trial))
        return overMm === undefined ? drawBack(trial, BITE_MM, true) : drawBack(trial, tenth(Math.max(0.1, overMm)))
      },
    ),
  'insulation-past-wings': (trial) =>
    lengthOrDepth(
      trial,
      () => stripMore(trial),
      () => drawBack(trial, BITE_MM, true),
    ),
  'strands-damaged': (trial) =>
    (trial.strandsLost ?? 1) <= trial.strandAllowance
      ? free({ do: 'go-on', next: { kind: 'larger-notch' } })
      : costing(trial, trial.tryMm, { do: 'cut-back', next: { kind: 'larger-notch' } }),
}

/** Does a sighting wait for the answer to its question? */
export const isOpen = ({ shape, sees, wrong }: Pick<Trial, 'shape' | 'sees' | 'wrong'>): boolean =>
  wrong === undefined && sightings[shape.kind].some((one) => one.id === sees && one.question !== undefined)

/**
 * What to do about what is seen, in mm, whether the slack allows it, and what to set for the next wire. It rests on what is
 * seen, asked and measured; a length that nobody measured is no evidence.
 *
 * @returns undefined while the question that goes with what is seen has no answer
 */
export const trialAnswer = (trial: Trial): TrialAnswer | undefined =>
  isOpen(trial) ? undefined : answers[trial.sees](trial)

/** The strip that a figure of what is seen stands for, mm; undefined where it stands for none. */
export function seenStripMm(trial: Pick<Trial, 'shape' | 'window' | 'sees' | 'seenMm' | 'wrong'>): number | undefined {
  const { shape, window, sees, seenMm, wrong } = trial
  if (seenMm === undefined || wrong === 'depth') return undefined
  const middle = middleOf[sees]
  return middle === undefined ? undefined : window.nominalMm + seenMm - middle({ shape, window })
}

type Shaped = Pick<Trial, 'shape' | 'window'>
/** Gap, brush and overhang in the middle of the window: what a trim leaves. */
const middleGap = ({ shape, window }: Shaped) =>
  shape.kind === 'closed' ? Math.max(0, window.nominalMm - shape.barrelDepthMm - shape.cupDepthMm) : 0
const middleBrush = ({ shape, window }: Shaped) =>
  shape.kind === 'open' ? window.nominalMm - shape.conductorBarrelMm - shape.transitionMm / 2 : 0
const middlePast = ({ shape, window }: Shaped) => (shape.kind === 'sleeve' ? window.nominalMm - shape.barrelMm : 0)

/** What lies in the middle of the window, of what is seen with a figure. */
const middleOf: Readonly<Partial<Record<Sighting, (trial: Shaped) => number>>> = {
  'gap-large': middleGap,
  'tip-long': middlePast,
  'brush-long': middleBrush,
}
