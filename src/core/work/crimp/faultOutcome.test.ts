import { tenth } from '../../base/units/tenth'
import { expect, test } from 'vitest'
import { planIndex } from '../../record/plan/plan'
import { sevenLeads } from '../../views/sevenLeads.testing'
import type { DefectCode } from '../../craft/crimp/looks'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import { BITE_MM, faultOutcome } from './faultOutcome'

const leads = () => {
  const { state, set, put } = sevenLeads()
  const termination = planIndex(state.plan).byKey.get('1/W1/a')
  if (!termination) throw new Error('W1')
  return {
    state,
    set,
    put,
    outcome: (look: LookCode, defect: DefectCode, heightMm?: number) =>
      faultOutcome(state, termination, set, look, defect, heightMm),
  }
}

test('before the stroke the contact stays, whatever is wrong; after it the contact goes', () => {
  const { outcome } = leads()
  expect(outcome('bottomed-hard', 'insulation-in-barrel').found.decision).toBe('redo')
  expect(outcome('indents-even', 'under-crimped').found.decision).toBe('scrap')
})

test('a strip that is a bite short is stripped on while the window has room for it', () => {
  const { outcome, set, put } = leads()
  const nominal = outcome('bottomed-hard', 'insulation-in-barrel')
  // a bite more than the middle still lies in the window, as both are shown
  expect(nominal.canMend).toBe(tenth(set.strip.nominalMm + BITE_MM) <= Math.floor(set.strip.maxMm * 10) / 10)
  const roomMm = Math.floor(set.strip.maxMm * 10) / 10 - set.strip.nominalMm
  expect(put({ kind: 'strip-mended', term: '1/W1/a', how: 'strip-more', byMm: roomMm })).toBeUndefined()
  expect(outcome('bottomed-hard', 'insulation-in-barrel').canMend).toBe(false)
})

test('another try costs what the slack says; when none is left, contact and wire go together', () => {
  const { outcome, state, set, put } = leads()
  const threaded = [...(state.terms.get('1/W1/a')?.stripped?.threaded ?? [])]
  const first = outcome('indents-even', 'under-crimped')
  expect(first).toMatchObject({ tooShort: false, wireGoes: false, usedMm: first.slack?.tryMm })
  for (let tries = first.slack?.triesLeft ?? 0; tries > 0; tries--) {
    const rejected = {
      kind: 'crimp-rejected',
      term: '1/W1/a',
      look: 'wings-closed',
      defect: 'wings-open',
      decision: 'scrap',
      usedMm: first.usedMm,
    }
    const again = { kind: 'stripped', term: '1/W1/a', stripMm: set.strip.nominalMm, threaded, strandsLost: 0 }
    expect(put(rejected) ?? put(again)).toBeUndefined()
  }
  const last = outcome('indents-even', 'under-crimped')
  expect((last.slack?.leftMm ?? NaN) + 1e-9 < last.usedMm).toBe(true)
  expect(last).toMatchObject({ tooShort: true, otherSeated: false, wireGoes: true })
  expect(state.terms.get('1/W1/b')?.seat).toBeUndefined()
})

test('what was measured weighs in the causes: a height that says no is evidence against', () => {
  const { outcome, set } = leads()
  if (!set.height) throw new Error('height')
  const without = outcome('indents-even', 'under-crimped').causes
  const high = outcome('indents-even', 'under-crimped', set.height.maxMm + 0.2).causes
  expect(high.map((one) => one.cause).sort()).toEqual(without.map((one) => one.cause).sort())
  expect(high.map((one) => one.evidence)).not.toEqual(without.map((one) => one.evidence))
})
