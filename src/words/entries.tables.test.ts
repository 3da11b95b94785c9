import { expect, test } from 'vitest'
import { constructionOf, constructions } from '@/core/parts/catalogue/constructions'
import { releaseMechanisms, releaseSteps } from '@/core/parts/catalogue/releaseMechanisms'
import { seatFaults } from '@/core/craft/faults/seatFaults'
import { lockOfHousing, secondaryLocks } from '@/core/parts/catalogue/secondaryLocks'
import { toolClasses } from '@/core/parts/catalogue/toolClasses'
import { cureOf } from '@/core/craft/crimp/causes'
import { type DefectCode, decide, defects, looks } from '@/core/craft/crimp/looks'
import { type FitReason, fitOrder } from '@/core/craft/fit/fitTypes'
import type { Refusal } from '@/core/record/journal/entryKind'
import { gapRange, houseRules } from '@/core/parts/rules/houseRules'
import { ruleLines } from '@/core/parts/rules/ruleLines'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { setupFields } from '@/core/craft/setup/setup'
import {
  causeWords,
  cureWords,
  defectWords,
  lookWords,
  setupActWords,
  setupFieldWords,
  setupValue,
  stripLimitWords,
} from './crimp'
import { missWords, noteWords, reasonWords } from './fit'
import { planFaultWords } from './plan'
import { entryWords } from './entries'
import { refusalWords } from './refusals'
import { ruleValue, ruleWords } from './rules'
import { harmWords, heldWords, improvisedWords, insertStepWords, releaseStepWords, releaseTipWords } from './release'
import { coverActs, lockWords } from './lock'
import { seatCauseWords, seatFaultWords } from './seat'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'

const lookCodes = Object.keys(looks) as LookCode[]
const defectCodes = Object.keys(defects) as DefectCode[]

const contacts = [...demoShelf().contacts.values()]

test.each(Object.values(constructions))(
  '$id is inspected in at most five looks, and some tool may close it',
  (construction) => {
    const made = contacts.filter((contact) => contact.construction === construction.id)
    expect(made.length).toBeGreaterThan(0)
    for (const contact of made) {
      expect(construction.looks(contact).length).toBeGreaterThan(0)
      expect(construction.looks(contact).length).toBeLessThanOrEqual(5)
      expect(construction.toolClasses(contact).length).toBeGreaterThan(0)
      expect(construction.toolClasses(contact).every((one) => toolClasses[one].crimps)).toBe(true)
    }
  },
)

test('four indents never close open wings, no die closes a machined barrel, and bare nests never an insulated sleeve', () => {
  for (const contact of contacts) {
    const classes = constructionOf(contact).toolClasses(contact)
    if (contact.construction !== 'closed-barrel')
      expect(classes.some((one) => one.startsWith('four-indent'))).toBe(false)
    if (contact.construction === 'closed-barrel') expect(classes).not.toContain('parallel-die')
    if (contact.construction === 'sleeve' && contact.insulated) expect(classes).not.toContain('nest-ratchet')
  }
})

test('every defect can be found by some look, and every look can find one', () => {
  const found = new Set(lookCodes.flatMap((look) => looks[look].faults))
  expect(defectCodes.filter((code) => !found.has(code))).toEqual([])
  for (const look of lookCodes) expect(looks[look].faults.length).toBeGreaterThan(0)
})

test('before the stroke a fault costs a try, after it the contact', () => {
  for (const look of lookCodes) {
    for (const code of looks[look].faults)
      expect(decide(code, look).decision).toBe(looks[look].when === 'before' ? 'redo' : 'scrap')
  }
})

test('every code has its words', () => {
  for (const look of lookCodes) expect(lookWords[look].line.length * lookWords[look].seen.length).toBeGreaterThan(0)
  for (const code of defectCodes) {
    expect(defectWords[code]).toMatch(/\w/)
    for (const cause of defects[code].causes) expect(causeWords[cause]).toMatch(/\w/)
    expect(
      cureWords(cureOf[defects[code].causes[0]], {
        stripMm: 5.85,
        wireStopMm: 3.8,
        selector: 7,
        positioner: 'QP-2',
        die: 'D2',
      }),
    ).toMatch(/\w/)
  }
  for (const field of setupFields) expect(setupFieldWords[field] && setupActWords[field]).toMatch(/\w/)
  for (const words of Object.values(entryWords)) expect(words).toMatch(/\w/)
  for (const line of ruleLines) {
    expect(ruleWords[line.id].why).toMatch(/\w.*\.$/)
    for (const rules of Object.values(houseRules)) expect(ruleValue(line, rules)).toMatch(/\w/)
  }
  for (const mechanism of Object.values(releaseMechanisms)) {
    expect(releaseTipWords[mechanism.tool] && heldWords[mechanism.id]).toMatch(/\w/)
    for (const step of releaseSteps(mechanism, true)) expect(releaseStepWords[step]).toMatch(/\w/)
    for (const step of mechanism.insert) expect(insertStepWords[step].act && insertStepWords[step].seen).toMatch(/\w/)
    for (const harm of mechanism.harms) expect(harmWords[harm].what && harmWords[harm].look).toMatch(/\w/)
    for (const how of mechanism.improvised) expect(improvisedWords[how]).toMatch(/\w/)
  }
  for (const fault of Object.values(seatFaults)) {
    expect(seatFaultWords[fault.id]).toMatch(/\w/)
    for (const cause of fault.causes) expect(seatCauseWords[cause.id].see && seatCauseWords[cause.id].act).toMatch(/\w/)
  }
  for (const lock of Object.values(secondaryLocks)) {
    if (!lock.present) continue
    expect(lockWords[lock.id].name && lockWords[lock.id].way).toMatch(/\w/)
    expect(lock.covers.length).toBeGreaterThan(0)
    for (const cover of lock.covers)
      expect(coverActs(cover, lockOfHousing({ lock: lock.id }, undefined)).close).toMatch(/\w/)
  }
})

test('the cure carries the figures of the step', () => {
  expect(cureWords('strip-less', { stripMm: 3.1 })).toBe('strip to 3.1 mm, set the stripper’s stop'.replace('’', "'"))
  expect(cureWords('set-wire-stop', { wireStopMm: 4.4 })).toBe('set the wire stop to 4.4 mm')
  expect(cureWords('set-wire-stop', {})).toBe('stop as soon as it is felt')
  expect(cureWords('check-selector', { selector: 7 })).toContain('7')
})

test.each<[FitReason, string, string]>([
  [{ kind: 'cavity', size: 'C11', cavitySize: 'C18' }, 'made for another cavity: size C11, this one takes C18', '–'],
  [{ kind: 'gender', gender: 'pin', needs: 'socket' }, 'a pin; this half takes sockets', '–'],
  [
    { kind: 'conductor-small', areaMm2: 0.25, minMm2: 0.4 },
    'barrel too large: 0.25 mm² in one that starts at 0.4 mm²',
    '0.15 mm²',
  ],
  [
    { kind: 'conductor-large', areaMm2: 1.5, maxMm2: 0.8 },
    'barrel too small: 1.5 mm² in one that ends at 0.8 mm²',
    '0.7 mm²',
  ],
  [
    { kind: 'insulation-support', insulationMm: 3, minMm: 1, maxMm: 2.5 },
    'it holds insulation from 1 mm to 2.5 mm, this is 3 mm',
    '0.5 mm',
  ],
  [
    { kind: 'seal-leaks', insulationMm: 1, minMm: 1.1, by: 'seal' },
    "1 mm is under the seal's 1.1 mm: water would pass",
    '0.1 mm',
  ],
  [
    { kind: 'seal-tears', insulationMm: 2.95, maxMm: 2.75, by: 'mat' },
    'the mat would tear: 2.95 mm in a window that ends at 2.75 mm',
    '0.2 mm',
  ],
  [
    { kind: 'bore', what: 'contact', diameterMm: 3, boreMm: 2.6 },
    'the crimped contact would not enter: 3 mm in a bore of 2.6 mm',
    '0.4 mm',
  ],
  [
    { kind: 'bore', what: 'seal', diameterMm: 4.2, boreMm: 3.2 },
    'the seal is made for a bore of 4.2 mm, this cavity has 3.2 mm',
    '1 mm',
  ],
  [{ kind: 'current', currentA: 12, allowedA: 11, ambientC: 20 }, 'carries 11 A at 20 °C, the load is 12 A', '1 A'],
  [{ kind: 'plating', plating: 'gold', matePlating: 'tin' }, 'gold against tin: the pair corrodes', '–'],
  [
    { kind: 'rule', rule: 'uncalibrated-tool', tool: 'QF-1' },
    'only QF-1 could crimp it, and these house rules want a calibrated frame',
    '–',
  ],
  [{ kind: 'no-tool', areaMm2: 0.5 }, 'no tool in the crib has a setting for it at 0.5 mm²', '–'],
])('%j in one sentence, and by how much', (reason, words, miss) => {
  expect(reasonWords(reason).replace('’', "'")).toBe(words)
  expect(missWords(reason)).toBe(miss)
  expect(fitOrder).toContain(reason.kind)
})

test('notes are said plainly', () => {
  expect(noteWords({ kind: 'tool-overdue', tool: 'QF-5', dueOn: '2026-11-03' })).toBe('QF-5 was due on 3 Nov 2026')
  expect(noteWords({ kind: 'no-notch', bundleMm: 2.61 })).toBe('no stripper notch clears a bundle of 2.61 mm')
})

const refusals: readonly Refusal[] = [
  { kind: 'job-closed' },
  { kind: 'unknown', what: 'wire', id: 'W9' },
  { kind: 'no-set', term: '1/W1/a' },
  { kind: 'already', what: 'crimped' },
  { kind: 'strands-lost', lost: 2, allowed: 0 },
  { kind: 'ahead-of-release', setup: 'x', ahead: 1, allowed: 1 },
  { kind: 'wrong-setup', needs: 'x', given: 'y' },
  { kind: 'setup-not-in-hand', needs: 'x', mounted: undefined },
  { kind: 'tool-overdue', tool: 'QF-5', dueOn: '2026-11-03' },
  { kind: 'looks-missing', missing: ['brush-shows'] },
  { kind: 'look-failed', look: 'wings-closed' },
  { kind: 'height-missing' },
  { kind: 'height-outside', heightMm: 1.5, minMm: 1.24, maxMm: 1.38 },
  { kind: 'decision-not-for-defect', defect: 'bent', decision: 'redo' },
  { kind: 'wrong-cavity', planned: 'A.1', given: 'A.2' },
  { kind: 'cavity-taken', cavity: 'A.1', by: 'W2a' },
  { kind: 'lock-closed', end: 'A' },
  { kind: 'tug-missing', tugN: 9 },
  { kind: 'tug-too-hard', tugN: 60, lightN: 9 },
  { kind: 'not-tightened', what: 'screw' },
  { kind: 'torque-missing', askedNm: 0.5 },
  { kind: 'torque-not-asked', saidNm: 0.8, askedNm: 0.5 },
  { kind: 'torque-off', askedNm: 0.5, setNm: 0.8 },
  { kind: 'pull-too-light', forceN: 5, askedN: 25 },
  { kind: 'one-net', red: 'A.1', black: 'B.1' },
  { kind: 'cavity-in-use', cavity: 'A.1' },
  { kind: 'not-this-one', of: 'signed' },
  { kind: 'stale-signature', covers: 3, seq: 4 },
  { kind: 'same-person', by: 'ansa' },
  { kind: 'set-impossible', wire: 'W1', side: 'a' },
]

test.each(refusals)('$code is one sentence that ends with a stop and names its figures', (refusal) => {
  const words = refusalWords(refusal)
  expect(words).toMatch(/^[A-Z\d“].*\.$/s)
  expect(words).not.toMatch(/undefined|NaN|\[object/)
  if ('tool' in refusal) expect(words).toContain(refusal.tool)
  if ('planned' in refusal) expect(words).toContain(refusal.planned)
})

test.each([
  'wire-twice',
  'end-twice',
  'unknown-end',
  'unknown-housing',
  'unknown-wire-type',
  'unknown-cavity',
  'cavity-taken',
  'wire-has-work',
])('a plan’s %s is one sentence', (code) => {
  const words = planFaultWords(code, {
    wire: 'W1',
    end: 'A',
    housing: 'CM-3P',
    type: 'TW-9',
    cavity: '9',
    by: 'W2',
    known: ['1', '2'],
  })
  expect(words).toMatch(/^[A-Z].*\.$/)
  expect(words).toMatch(/W1|A/)
})

test('what a setup has not is off, lengths have their unit', () => {
  expect(setupValue('die', undefined)).toBe('off')
  expect(setupValue('notchMm', 1.1)).toBe('1.1 mm')
  expect(setupValue('selector', 7)).toBe('7')
  expect(Object.keys(stripLimitWords)).toHaveLength(10)
})

test.each([
  ['sheet-strict', 1.6, 0.3, 1],
  ['field-repair', 1.6, 0.2, 0.8], // half of the insulation
  ['field-repair', 0.3, 0.2, 0.2], // never less than its own smallest
  ['hobby-bench', 1.6, 0, 0.5],
] as const)('%s on %f mm of insulation allows a gap of %f to %f mm', (rules, insulationMm, minMm, maxMm) => {
  expect(gapRange(houseRules[rules], insulationMm)).toEqual({ minMm, maxMm })
})
