import fc from 'fast-check'
import { expect, test } from 'vitest'
import { judgeStrip, stripWindow } from './stripWindow'
import { sightings, trialAnswer, type Sighting, type Trial, type TrialAnswer } from './trialAnswer'
import type { StripShape } from '../../parts/catalogue/stripShape'

const windowOf = (shape: StripShape) => {
  const made = stripWindow(shape)
  if (!made.ok) throw new Error('window')
  return made.value
}
// window 5.5 to 6.2, middle 5.85: gap 0.3 to 1.0
const closed: StripShape = {
  kind: 'closed',
  barrelDepthMm: 5.2,
  cupDepthMm: 0,
  gap: { minMm: 0.3, maxMm: 1 },
}
// window 3.4 to 4.2, middle 3.8: brush 0.2 to 1.0
const open: StripShape = {
  kind: 'open',
  conductorBarrelMm: 2.8,
  transitionMm: 0.8,
  brush: { minMm: 0.2, maxMm: 1 },
  reachMm: 1.6,
}
// window 8.0 to 8.5
const ferrule: StripShape = { kind: 'sleeve', barrelMm: 8, past: { minMm: 0, maxMm: 0.5 } }

const trial = (shape: StripShape, sees: Sighting, more: Partial<Trial> = {}): Trial => {
  const window = windowOf(shape)
  return {
    shape,
    window,
    stripMm: window.nominalMm,
    sees,
    strandAllowance: 0,
    slackMm: 20,
    tryMm: 8,
    stopMm: window.nominalMm,
    hasWireStop: true,
    ...more,
  }
}

test.each<[string, Trial, Partial<TrialAnswer>]>([
  ['all is right', trial(closed, 'fits'), { do: 'go-on', costMm: 0 }],
  [
    'hole empty, strip 5.0: 0.85 short',
    trial(closed, 'hole-empty', { stripMm: 5 }),
    { do: 'strip-more', byMm: 0.9, stripMm: 5.9, next: { kind: 'strip-stop', toMm: 6.7 }, slack: 'enough' },
  ],
  [
    'hole empty though the strip is right: it was not pushed home',
    trial(closed, 'hole-empty'),
    { do: 'push-home', costMm: 0 },
  ],
  ['springy, strip 5.2', trial(closed, 'springy', { stripMm: 5.2 }), { do: 'strip-more', byMm: 0.7, stripMm: 5.9 }],
  [
    'springy though the strip measures right: a small bite',
    trial(closed, 'springy'),
    { do: 'strip-more', byMm: 0.5, smallBite: true },
  ],
  [
    'gap of 1.8 seen, 0.65 wanted',
    trial(closed, 'gap-large', { seenMm: 1.8, stripMm: 7 }),
    { do: 'trim-conductor', byMm: 1.2, stripMm: 5.9, costMm: 1.2, next: { kind: 'strip-stop', toMm: 4.7 } },
  ],
  [
    'a gap of 0.9 is inside 0.3 to 1.0, though the eye thought otherwise',
    trial(closed, 'gap-large', { seenMm: 0.9 }),
    { do: 'go-on', costMm: 0 },
  ],
  [
    'a large gap on a strip that measures right: measure what is seen',
    trial(closed, 'gap-large'),
    { do: 'measure', costMm: 0 },
  ],
  ['a long brush on a strip that measures right', trial(open, 'brush-long'), { do: 'measure' }],
  [
    'gap too large by the strip alone',
    trial(closed, 'gap-large', { stripMm: 6.85 }),
    { do: 'trim-conductor', byMm: 1, stripMm: 5.9 },
  ],
  [
    'no slack for the trim',
    trial(closed, 'gap-large', { stripMm: 7.85, slackMm: 1 }),
    { do: 'trim-conductor', byMm: 2, slack: 'short' },
  ],
  [
    'brush of 1.8 with the edge in the window: the strip is long',
    trial(open, 'brush-long', { seenMm: 1.8, edge: 'in-window', stripMm: 5 }),
    { do: 'trim-conductor', byMm: 1.2, stripMm: 3.8, next: { kind: 'strip-stop', toMm: 2.6 } },
  ],
  [
    'the same brush with insulation under the wings: pushed too deep',
    trial(open, 'brush-long', { seenMm: 1.8, edge: 'under-conductor-wings' }),
    { do: 'draw-back', byMm: 1.2, costMm: 0, next: { kind: 'wire-stop' } },
  ],
  [
    'pushed too deep without a stop to set',
    trial(open, 'brush-long', { seenMm: 1.8, edge: 'under-conductor-wings', hasWireStop: false }),
    { do: 'draw-back', next: { kind: 'stop-gently' } },
  ],
  ['no brush, strip 3.0', trial(open, 'brush-missing', { stripMm: 3 }), { do: 'strip-more', byMm: 0.8 }],
  ['no brush, strip right', trial(open, 'brush-missing'), { do: 'push-home' }],
  [
    'insulation past the wings, strip right: drawn back',
    trial(open, 'insulation-past-wings'),
    { do: 'draw-back', byMm: 0.5, smallBite: true },
  ],
  [
    'insulation past the wings, strip short',
    trial(open, 'insulation-past-wings', { stripMm: 3 }),
    { do: 'strip-more', byMm: 0.8 },
  ],
  ['ferrule: tip not reached', trial(ferrule, 'tip-short', { stripMm: 7 }), { do: 'strip-more', byMm: 1.3 }],
  [
    'ferrule: 1.2 past the tip',
    trial(ferrule, 'tip-long', { seenMm: 1.2, stripMm: 9.2 }),
    { do: 'trim-conductor', byMm: 1, stripMm: 8.3 },
  ],
  [
    'a strand cut, none allowed',
    trial(closed, 'strands-damaged', { strandsLost: 1 }),
    { do: 'cut-back', costMm: 8, next: { kind: 'larger-notch' }, slack: 'enough' },
  ],
  [
    'a strand cut, no slack left',
    trial(closed, 'strands-damaged', { strandsLost: 1, slackMm: 7 }),
    { do: 'cut-back', slack: 'short' },
  ],
  [
    'a strand cut, one allowed: on, with a larger notch',
    trial(closed, 'strands-damaged', { strandsLost: 1, strandAllowance: 1 }),
    { do: 'go-on', next: { kind: 'larger-notch' } },
  ],
])('%s', (_what, asked, answer) => {
  expect(trialAnswer(asked)).toMatchObject(answer)
})

test('whatever is seen: what strips more or trims ends inside the window, and nothing costs what it does not say', () => {
  const shapes = [closed, open, ferrule] as const
  fc.assert(
    fc.property(
      fc.constantFrom(...shapes),
      fc.double({ min: -2, max: 2, noNaN: true }),
      fc.nat(20),
      fc.nat(4),
      (shape, off, slackMm, pick) => {
        const kinds = sightings[shape.kind]
        const sees = kinds[pick % kinds.length]?.id ?? 'fits'
        const window = windowOf(shape)
        const answer = trialAnswer(trial(shape, sees, { stripMm: window.nominalMm + off, slackMm, strandsLost: 1 }))
        if (answer.stripMm !== undefined && !answer.smallBite)
          expect(judgeStrip(answer.stripMm, window).kind).toBe('inside')
        expect(answer.costMm > slackMm + 1e-9).toBe(answer.slack === 'short')
        if (
          answer.do === 'go-on' ||
          answer.do === 'measure' ||
          answer.do === 'strip-more' ||
          answer.do === 'draw-back' ||
          answer.do === 'push-home'
        )
          expect(answer.costMm).toBe(0)
      },
    ),
  )
})
