import { tenth } from '../../base/units/tenth'
import { expect, test } from 'vitest'
import { planIndex } from '../../record/plan/plan'
import { sevenLeads } from '../../views/sevenLeads.testing'
import type { Sighting } from '../../craft/strip/trialAnswer'
import { stripTrial, type Seen } from './stripTrial'

function lead() {
  const { state, set, put, setup } = sevenLeads()
  const termination = planIndex(state.plan).byKey.get('1/W1/a')
  if (!termination) throw new Error('W1')
  const trial = (sees: Sighting | undefined, more: Partial<Seen> = {}) =>
    stripTrial(state, termination, set, { stripMm: undefined, sees, wrong: 'length', text: '', ...more })
  return { state, set, put, setup, trial }
}

test('what can be seen is what the contact’s barrel shows; seen nothing, nothing is advised', () => {
  const { trial } = lead()
  const { kinds, kind, answer, slackMm } = trial(undefined)
  expect(kinds?.map(({ id }) => id)).toEqual([
    'fits',
    'brush-long',
    'brush-missing',
    'insulation-past-wings',
    'strands-damaged',
  ])
  expect([kind, answer]).toEqual([undefined, undefined])
  expect(slackMm).toBeGreaterThan(0)
})

test('strands are counted, never read as a length; a brush is a length in any unit', () => {
  const { trial } = lead()
  // two strands are more than these house rules allow, whatever is written behind the figure
  expect(trial('strands-damaged', { text: '2' }).answer?.do).toBe('cut-back')
  expect(trial('strands-damaged', { text: '2 mm' }).answer).toEqual(trial('strands-damaged').answer)
  expect(trial('brush-long', { text: '2' }).answer).toEqual(trial('brush-long', { text: '0,2 cm' }).answer)
  expect(trial('brush-long', { text: '2' }).answer).not.toEqual(trial('brush-long', { text: '2.5' }).answer)
})

test('the next stop is the middle of the window, wherever it stands now; where it stands there already nothing is set', () => {
  const stopAt = (stripOffMm: number) => {
    const { trial, state, setup } = lead()
    state.adjustments.set(setup, { stripOffMm })
    const next = trial('brush-long', { text: '2' }).answer?.next
    return next?.kind === 'strip-stop' ? next.toMm : undefined
  }
  const { set } = lead()
  expect(stopAt(0.3)).toBe(tenth(set.strip.nominalMm))
  expect(stopAt(-0.2)).toBe(tenth(set.strip.nominalMm))
  expect(stopAt(0)).toBeUndefined()
})

test('a try costs what the slack still holds, until it holds no more', () => {
  const { trial, put, set, state } = lead()
  const first = trial('strands-damaged', { text: '9' })
  expect(first.answer).toMatchObject({ do: 'cut-back', slack: 'enough' })
  expect(first.slackMm).toBeGreaterThanOrEqual(first.answer?.costMm ?? Infinity)
  const threaded = [...(state.terms.get('1/W1/a')?.stripped?.threaded ?? [])]
  for (let tries = 0; tries < 50 && trial('strands-damaged', { text: '9' }).answer?.slack === 'enough'; tries++) {
    const usedMm = Math.ceil(first.answer?.costMm ?? 1)
    put({
      kind: 'crimp-rejected',
      term: '1/W1/a',
      look: 'wings-closed',
      defect: 'wings-open',
      decision: 'scrap',
      usedMm,
    })
    put({ kind: 'stripped', term: '1/W1/a', stripMm: set.strip.nominalMm, threaded, strandsLost: 0 })
  }
  const last = trial('strands-damaged', { text: '9' })
  expect(last.answer?.slack).toBe('short')
  expect(last.slackMm).toBeLessThan(last.answer?.costMm ?? 0)
})
