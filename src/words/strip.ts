import type { ForTheNext, Sighting, TrialAnswer, TrialQuestion, WhatIsWrong } from '@/core/craft/strip/trialAnswer'
import { bareUnitSign } from './benchUnits'
import { mm } from './figures'

export const sightingWords: Readonly<Record<Sighting, string>> = {
  fits: 'it fits, all is right',
  'hole-empty': 'inspection hole empty',
  springy: 'bottoms springy, not hard',
  'insulation-inside': 'insulation inside the barrel',
  'gap-large': 'gap too large',
  'brush-long': 'brush too long',
  'brush-missing': 'no brush to be seen',
  'insulation-past-wings': 'insulation under the conductor wings',
  'tip-short': 'conductor short of the end',
  'tip-long': 'strands stand too far out',
  'strands-damaged': 'strands nicked or cut',
}

export const asksWords = {
  gap: () => `Gap that is seen, ${bareUnitSign('length')}`,
  brush: () => `Length that stands out, ${bareUnitSign('length')}`,
  strands: () => 'Strands nicked or cut',
} as const

/** What is asked besides, and what either answer means. */
export const questionWords: Readonly<Record<TrialQuestion, Readonly<Record<'ask' | WhatIsWrong, string>>>> = {
  touches: {
    ask: 'Does the insulation touch the barrel?',
    length: 'yes: the strip is too short',
    depth: 'no: it is not home yet',
  },
  'edge-long': {
    ask: 'Where does the insulation end?',
    length: 'its edge lies between the wings: stripped too long',
    depth: 'it lies under the conductor wings: pushed too deep',
  },
  'edge-short': {
    ask: 'Where does the insulation end?',
    length: 'its edge lies between the wings: stripped too short',
    depth: 'it does not reach the wings yet: not home',
  },
  'brush-shows': {
    ask: 'Does a brush show in front of the wings?',
    length: 'no: stripped too short',
    depth: 'yes: pushed too deep',
  },
}

/** What to do now, the figure first. */
export function answerWords(answer: TrialAnswer): string {
  const by = answer.byMm === undefined ? '' : mm(answer.byMm, 1)
  switch (answer.do) {
    case 'go-on':
      return 'Go on: it is inside its window'
    case 'measure':
      return 'Measure what you see: only a figure says how much is too much'
    case 'strip-more':
      return answer.smallBite ? `Strip a small bite, ${by}, then try again` : `Strip ${by} more`
    case 'trim-conductor':
      return `Trim ${by} off the conductor`
    case 'draw-back':
      return answer.smallBite
        ? 'Draw the wire back a little, until the edge is between the wings'
        : `Draw the wire back ${by}`
    case 'push-home':
      return 'Push it home: the strip is right'
    case 'cut-back':
      return 'Cut back and strip again'
  }
}

/** What to set differently for the next one. */
export function nextWords(next: ForTheNext): string {
  switch (next.kind) {
    case 'strip-stop':
      return `stripper’s stop to ${mm(next.toMm, 1)}`
    case 'wire-stop':
      return 'wire stop a little forward'
    case 'stop-gently':
      return 'stop as soon as it is felt'
    case 'larger-notch':
      return 'one notch larger, or new blades'
  }
}
