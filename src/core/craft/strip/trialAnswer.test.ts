import fc from 'fast-check'
import { expect, test } from 'vitest'
import { tenth } from '../../base/units/tenth'
import { judgeStrip, stripWindow } from './stripWindow'
import { isOpen, seenStripMm, sightings, trialAnswer, type Sighting, type Trial, type TrialAnswer } from './trialAnswer'
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
    'hole empty, insulation at the barrel, strip of 5.0 measured: 0.85 short',
    trial(closed, 'hole-empty', { stripMm: 5, wrong: 'length' }),
    { do: 'strip-more', byMm: 0.9, stripMm: 5.9, slack: 'enough' },
  ],
  [
    'hole empty, insulation at the barrel, nobody measured: a small bite',
    trial(closed, 'hole-empty', { wrong: 'length' }),
    { do: 'strip-more', byMm: 0.5, smallBite: true },
  ],
  [
    'hole empty, insulation off the barrel: it was not pushed home',
    trial(closed, 'hole-empty', { wrong: 'depth' }),
    { do: 'push-home', costMm: 0 },
  ],
  ['springy, strip 5.2', trial(closed, 'springy', { stripMm: 5.2 }), { do: 'strip-more', byMm: 0.7, stripMm: 5.9 }],
  [
    'springy though the strip measures right: a small bite',
    trial(closed, 'springy', { stripMm: 5.85 }),
    { do: 'strip-more', byMm: 0.5, smallBite: true },
  ],
  ['springy, nobody measured: a small bite', trial(closed, 'springy'), { do: 'strip-more', smallBite: true }],
  [
    'gap of 1.8 seen, 0.65 wanted; the stop stands too long: to the middle',
    trial(closed, 'gap-large', { seenMm: 1.8, stopMm: 7 }),
    { do: 'trim-conductor', byMm: 1.2, stripMm: 5.9, costMm: 1.2, next: { kind: 'strip-stop', toMm: 5.9 } },
  ],
  [
    'a gap of 0.9 is inside 0.3 to 1.0, though the eye thought otherwise',
    trial(closed, 'gap-large', { seenMm: 0.9 }),
    { do: 'go-on', costMm: 0 },
  ],
  ['a large gap without a figure: measure what is seen', trial(closed, 'gap-large'), { do: 'measure', costMm: 0 }],
  ['a large gap on a strip that measures right', trial(closed, 'gap-large', { stripMm: 5.9 }), { do: 'measure' }],
  ['a long brush without a figure', trial(open, 'brush-long', { wrong: 'length' }), { do: 'measure' }],
  [
    'gap too large by the measured strip alone',
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
    trial(open, 'brush-long', { seenMm: 1.8, wrong: 'length', stripMm: 5, stopMm: 5 }),
    { do: 'trim-conductor', byMm: 1.2, stripMm: 3.8, next: { kind: 'strip-stop', toMm: 3.8 } },
  ],
  [
    'the same brush with insulation under the wings: pushed too deep',
    trial(open, 'brush-long', { seenMm: 1.8, wrong: 'depth' }),
    { do: 'draw-back', byMm: 1.2, costMm: 0, next: { kind: 'wire-stop' } },
  ],
  [
    'pushed too deep by nobody knows how much',
    trial(open, 'brush-long', { wrong: 'depth' }),
    { do: 'draw-back', byMm: 0.5, smallBite: true },
  ],
  [
    'pushed too deep without a stop to set',
    trial(open, 'brush-long', { seenMm: 1.8, wrong: 'depth', hasWireStop: false }),
    { do: 'draw-back', next: { kind: 'stop-gently' } },
  ],
  [
    'no brush, the edge between the wings, strip 3.0',
    trial(open, 'brush-missing', { stripMm: 3, wrong: 'length' }),
    { do: 'strip-more', byMm: 0.8 },
  ],
  ['no brush, the edge behind the wings', trial(open, 'brush-missing', { wrong: 'depth' }), { do: 'push-home' }],
  [
    'insulation past the wings, and a brush: drawn back',
    trial(open, 'insulation-past-wings', { wrong: 'depth' }),
    { do: 'draw-back', byMm: 0.5, smallBite: true },
  ],
  [
    'insulation past the wings, no brush, strip 3.0',
    trial(open, 'insulation-past-wings', { stripMm: 3, wrong: 'length' }),
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

test('what has two causes says nothing before it was asked which', () => {
  for (const [shape, sees] of [
    [closed, 'hole-empty'],
    [open, 'brush-long'],
    [open, 'brush-missing'],
    [open, 'insulation-past-wings'],
  ] as const) {
    expect(isOpen(trial(shape, sees))).toBe(true)
    expect(trialAnswer(trial(shape, sees, { stripMm: 1 }))).toBeUndefined()
  }
})

test('a figure of what is seen is drawn as the strip that it stands for', () => {
  // barrel 5.2 and a gap of 2
  expect(seenStripMm(trial(closed, 'gap-large', { seenMm: 2 }))).toBeCloseTo(7.2, 9)
  // barrel 2.8, half of 0.8, brush 1.8
  expect(seenStripMm(trial(open, 'brush-long', { seenMm: 1.8, wrong: 'length' }))).toBeCloseTo(5, 9)
  // pushed too deep it says nothing of the strip
  expect(seenStripMm(trial(open, 'brush-long', { seenMm: 1.8, wrong: 'depth' }))).toBeUndefined()
  expect(seenStripMm(trial(closed, 'gap-large'))).toBeUndefined()
})

test('whatever is seen: what strips more or trims ends inside the window, the stop goes to its middle, and costs are said', () => {
  const shapes = [closed, open, ferrule] as const
  fc.assert(
    fc.property(
      fc.constantFrom(...shapes),
      fc.option(fc.double({ min: -2, max: 2, noNaN: true }), { nil: undefined }),
      fc.nat(20),
      fc.nat(4),
      fc.constantFrom('length' as const, 'depth' as const),
      fc.double({ min: 0.1, max: 12, noNaN: true }),
      (shape, off, slackMm, pick, wrong, stopMm) => {
        const kinds = sightings[shape.kind]
        const sees = kinds[pick % kinds.length]?.id ?? 'fits'
        const window = windowOf(shape)
        const stripMm = off === undefined ? undefined : window.nominalMm + off
        const answer = trialAnswer(trial(shape, sees, { stripMm, slackMm, strandsLost: 1, wrong, stopMm }))
        if (!answer) throw new Error('it was asked')
        if (answer.stripMm !== undefined && !answer.smallBite)
          expect(judgeStrip(answer.stripMm, window).kind).toBe('inside')
        if (answer.next?.kind === 'strip-stop') expect(answer.next.toMm).toBe(tenth(window.nominalMm))
        expect(answer.costMm > slackMm + 1e-9).toBe(answer.slack === 'short')
        if (answer.do !== 'trim-conductor' && answer.do !== 'cut-back') expect(answer.costMm).toBe(0)
      },
    ),
  )
})
