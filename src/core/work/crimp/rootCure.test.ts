import { expect, test } from 'vitest'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { setupQueue } from '../../views/queue'
import type { CauseCode } from '../../craft/crimp/looks'
import { rootCure } from './rootCure'

/** The first lead, with its strip as it was measured, and what was set again before. */
function lead(
  stripMm?: number,
  adjusted?: { readonly stripOffMm?: number; readonly wireStopMm?: number; readonly notchMm?: number },
) {
  const { state, setup } = sevenLeads()
  if (adjusted) state.adjustments.set(setup, adjusted)
  const now = state.terms.get('1/W1/a')
  if (now?.stripped && stripMm !== undefined)
    state.terms.set('1/W1/a', { ...now, stripped: { ...now.stripped, stripMm, lengthFrom: 'measured' } })
  const group = setupQueue(state)[0]
  const item = group?.items[0]
  if (!group || !item) throw new Error('queue')
  return { cure: (cause: CauseCode) => rootCure(state, item.termination, item.set, cause, 'bent'), set: item.set }
}

test('the stop is moved by what the strip was off, from where it stands now', () => {
  const { strip } = lead().set
  expect(strip.nominalMm).toBeCloseTo(4.35, 9)
  // measured 5.0: 0.65 long, so the stop goes to 3.7
  expect(lead(5).cure('strip-long')).toMatchObject({
    entry: { kind: 'setup-adjusted', part: 'strip-stop', toMm: 3.7, why: 'bent' },
  })
  expect(lead(5, { stripOffMm: -0.2 }).cure('strip-long')).toMatchObject({ entry: { toMm: 3.5 } })
  expect(lead(4).cure('strip-short')).toMatchObject({ entry: { toMm: 4.7 } })
})

test('a stop that was set is no measurement: the stop is moved a little the way that was seen', () => {
  // the lead’s own strip is what its stop was set to, 4.35
  expect(lead().cure('strip-long')).toMatchObject({ entry: { toMm: 4 } })
  expect(lead().cure('strip-short')).toMatchObject({ entry: { toMm: 4.8 } })
})

test('a strip that measured right is moved a little the way that was seen', () => {
  expect(lead(4.4).cure('strip-long')).toMatchObject({ entry: { toMm: 4 } })
  expect(lead(4.4).cure('strip-short')).toMatchObject({ entry: { toMm: 4.8 } })
  // measured short, yet long strands are seen: the figure is not believed against the eye
  expect(lead(4.2).cure('strip-long')).toMatchObject({ entry: { toMm: 4 } })
})

test('a wire stop goes forward from where it was set last', () => {
  const from = lead().set.setup.wireStopMm ?? NaN
  expect(lead().cure('pushed-too-deep')).toMatchObject({
    entry: { part: 'wire-stop', toMm: Math.round((from - 0.4) * 10) / 10 },
  })
  expect(lead(undefined, { wireStopMm: 4 }).cure('pushed-too-deep')).toMatchObject({ entry: { toMm: 3.6 } })
})

test('a notch gets larger; a die is set in again; what hands did is no matter of the setup', () => {
  // which opening is the next is on the stripper: no figure is made up
  expect(lead().cure('notch-small')).toMatchObject({ entry: { part: 'notch' } })
  expect(lead().cure('notch-small')?.entry).not.toHaveProperty('toMm')
  expect(lead().cure('die-wrong')).toMatchObject({ named: 'D2', entry: { part: 'die' } })
  expect(lead().cure('tool-worn')).toMatchObject({ entry: { part: 'frame' } })
  for (const cause of ['not-pushed-home', 'strands-splayed', 'tool-tilted', 'seal-forgotten'] as const)
    expect(lead().cure(cause)).toBeUndefined()
  // this frame has no selector to set back
  expect(lead().cure('selector-high')).toBeUndefined()
})
