import fc from 'fast-check'
import { expect, test } from 'vitest'
import { type StripForm, type StripMove, beginStrip, readStripForm, stripForm } from './stripForm'
import type { StripWindow } from './stripWindow'
import type { TrialAnswer } from './trialAnswer'

const window: StripWindow = {
  minMm: 4,
  maxMm: 5,
  nominalMm: 4.5,
  limits: { below: 'hole-empty', above: 'gap-too-large' },
}
const set = {}
const after = (moves: readonly StripMove[], form: StripForm = beginStrip(set)) => moves.reduce(stripForm, form)
const advice = (said: Partial<TrialAnswer>) => ({ costMm: 0, ...said }) as TrialAnswer

test('a strip begins unmeasured, nothing lost, and with the fold that its set asks for', () => {
  const begun = beginStrip(set)
  // nobody has measured: it may be written down so, and no length stands for one
  expect(readStripForm(begun, window, 0)).toMatchObject({ stripMm: undefined, verdict: undefined, lost: 0, good: true })
  expect(beginStrip({ foldBack: true }).practices).toEqual(['fold-back'])
})

test.each([
  ['4.5', '0', 0, true],
  ['4.4 mm', '1', 1, true],
  ['4.5', '1', 0, false],
  ['4.5', 'one', 3, false],
  ['4.5', '', 3, false],
  ['3.2', '0', 0, false],
  ['5.4', '0', 0, false],
  ['five', '0', 0, false],
  ['', '0', 0, true],
])('a strip of “%s” with “%s” strands lost, %i allowed: good is %s', (stripText, lostText, allowance, good) => {
  const form = after([
    { kind: 'strip-written', text: stripText },
    { kind: 'lost-written', text: lostText },
  ])
  expect(readStripForm(form, window, allowance).good).toBe(good)
})

test('advice that takes wire is counted, and what was seen and measured is gone with it', () => {
  const seen = after([
    { kind: 'strip-written', text: '4.9' },
    { kind: 'trial-begun' },
    { kind: 'seen', sighting: 'hole-empty' },
    { kind: 'asked', wrong: 'length' },
    { kind: 'seen-written', text: '2' },
  ])
  expect(seen).toMatchObject({ trying: true, seen: 'hole-empty', wrong: 'length', seenText: '2' })
  const more = after([{ kind: 'advice-followed', answer: advice({ do: 'strip-more', costMm: 0 }) }], seen)
  expect(more).toMatchObject({
    trying: false,
    seen: undefined,
    wrong: undefined,
    seenText: '',
    stripText: '',
    usedMm: 0,
  })
  const back = after(
    [
      { kind: 'lost-written', text: '2' },
      { kind: 'advice-followed', answer: advice({ do: 'cut-back', costMm: 6.5 }) },
    ],
    more,
  )
  // the strands that were lost are cut off
  expect(back).toMatchObject({ stripText: '', lostText: '0', usedMm: 6.5 })
  expect(after([{ kind: 'advice-followed', answer: advice({ do: 'go-on', costMm: 9 }) }], back)).toEqual(back)
})

test('what was written of one strip is said of no other: cut back, it begins unmeasured and has cost nothing', () => {
  const written = after([
    { kind: 'strip-written', text: '4.6' },
    { kind: 'advice-followed', answer: advice({ do: 'trim-conductor', costMm: 1.2 }) },
    { kind: 'strip-written', text: '4.5' },
    { kind: 'practice-ticked', practice: 'side-cutters', on: true },
  ])
  expect(written.usedMm).toBe(1.2)
  // how this hand strips stays as it was ticked
  expect(after([{ kind: 'recorded' }], written)).toEqual({ ...beginStrip(set), practices: ['side-cutters'] })
})

test('another sighting forgets the answer and the figure of the one before', () => {
  const one = after([
    { kind: 'seen', sighting: 'brush-long' },
    { kind: 'asked', wrong: 'depth' },
    { kind: 'seen-written', text: '1.8' },
    { kind: 'seen', sighting: 'brush-missing' },
  ])
  expect(one).toMatchObject({ seen: 'brush-missing', wrong: undefined, seenText: '' })
})

test('a practice is ticked and taken back, once however often', () => {
  const ticks = fc.array(fc.record({ practice: fc.constantFrom('fold-back', 'lubricant'), on: fc.boolean() }))
  fc.assert(
    fc.property(ticks, (those) => {
      const form = after(those.map((one) => ({ kind: 'practice-ticked', ...one })))
      for (const practice of ['fold-back', 'lubricant'] as const) {
        const last = those.findLast((one) => one.practice === practice)
        expect(form.practices.filter((one) => one === practice)).toHaveLength(last?.on ? 1 : 0)
      }
    }),
  )
})
