import { expect, test } from 'vitest'
import { causeWords, cureWords } from '@/words/crimp'
import { cureOf, rankCauses, type CauseEvidence } from './causes'
import { defects, type DefectCode } from './looks'

const window = {
  minMm: 3.4,
  nominalMm: 3.8,
  maxMm: 4.2,
  limits: { below: 'brush-too-short', above: 'bare-under-insulation-wings' },
} as const
const strip = (stripMm: number): CauseEvidence => ({ strip: { stripMm, window } })
const height = (heightMm: number): CauseEvidence => ({ height: { heightMm, minMm: 1.2, maxMm: 1.35 } })

test.each<[string, DefectCode, CauseEvidence, string]>([
  ['bare strands under the wings: the strip is long', 'bare-under-insulation-wings', {}, 'strip-long'],
  ['measured long: the figure says so', 'bare-under-insulation-wings', strip(4.6), 'strip-long'],
  ['measured right: then the wire was not pushed home', 'bare-under-insulation-wings', strip(3.8), 'not-pushed-home'],
  ['near the upper edge it can still be the strip', 'bare-under-insulation-wings', strip(4.1), 'strip-long'],
  ['insulation under the wings, strip short: not pushed too deep', 'insulation-under-wings', strip(2.9), 'strip-short'],
  ['insulation under the wings, strip right: pushed too deep', 'insulation-under-wings', strip(3.8), 'pushed-too-deep'],
  ['too loose with a height above the window: the selector', 'under-crimped', height(1.4), 'selector-high'],
  ['a cracked barrel with a low height', 'cracked', height(1.1), 'selector-low'],
  ['strands cut while the height is right: the notch', 'strands-cut', height(1.28), 'notch-small'],
  ['strands cut with a low height: crimped too tight', 'strands-cut', height(1.1), 'selector-low'],
])('%s', (_what, defect, evidence, first) => {
  expect(rankCauses(defect, evidence)[0]?.cause).toBe(first)
})

test.each<[string, DefectCode, CauseEvidence['setup'], string[]]>([
  [
    'a frame without a die has no wrong die',
    'cracked',
    { tool: 'QF-5', positioner: 'QP-3', selector: 6 },
    ['selector-low', 'positioner-wrong'],
  ],
  ['a die has no selector', 'under-crimped', { tool: 'PF-10', die: 'D3' }, ['die-wrong', 'tool-worn']],
  ['plain pliers have nothing to set', 'over-crimped', { tool: 'PL-1' }, ['tool-worn']],
])('%s', (_what, defect, setup, causes) => {
  expect(rankCauses(defect, { setup }).map((one) => one.cause)).toEqual(causes)
})

test('every defect has at least one cause, each once, each with a cure in words', () => {
  for (const defect of Object.keys(defects) as DefectCode[]) {
    const ranked = rankCauses(defect)
    expect(ranked.map((one) => one.cause)).toEqual(defects[defect].causes)
    expect(new Set(ranked.map((one) => one.cause)).size).toBe(ranked.length)
    for (const { cause, cure } of ranked) {
      expect(cureOf[cause]).toBe(cure)
      expect(causeWords[cause].length).toBeGreaterThan(5)
      expect(cureWords(cure, {}).length).toBeGreaterThan(5)
    }
  }
})
