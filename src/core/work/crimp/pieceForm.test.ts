import fc from 'fast-check'
import { expect, test } from 'vitest'
import { planIndex } from '../../record/plan/plan'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { newPiece, pieceForm, readFirstPiece, readHeight, readLooks, readPull, type PieceForm } from './pieceForm'

/** The first lead's set, with a height window and a minimum pull that are easy to reckon with. */
function lead(window: { minMm: number; maxMm: number } | 'none' = { minMm: 1.4, maxMm: 1.5 }) {
  const { state, set } = sevenLeads()
  const termination = planIndex(state.plan).byKey.get('1/W1/a')
  if (!termination || !set.pull) throw new Error('W1')
  const { height: _, ...rest } = set
  const measured: ChosenSet = {
    ...rest,
    ...(window !== 'none' && { height: { ...window, estimate: false } }),
    pull: { ...set.pull, forceN: 80 },
  }
  return {
    set: measured,
    first: (form: PieceForm) => readFirstPiece(form, state.facts, termination, measured, { height: true }),
    pull: (text: string) => readPull({ text }, state.facts, termination, measured),
  }
}

const written = (height: string, pull = ''): PieceForm => ({
  ...newPiece,
  height: { text: height },
  pull: { text: pull },
})

test.each([
  ['', undefined, undefined],
  ['1,45', 1.45, undefined],
  ['1.40', 1.4, undefined],
  ['1.5004', 1.5004, undefined],
  ['1.51', 1.51, 'outside'],
  ['1.39', 1.39, 'outside'],
  // a height in another unit is no height of this crimp
  ['145 mm', 145, 'implausible'],
  ['abc', undefined, undefined],
])('a height written as “%s” is %s mm and %s', (text, heightMm, fault) => {
  const read = readHeight({ text }, lead().set)
  expect(read.heightMm).toBe(heightMm)
  expect(read.fault?.kind).toBe(fault)
  // what cannot be is never written down; what is bad is
  expect(read.measured === undefined).toBe(heightMm === undefined || fault === 'implausible')
})

test('a figure without a unit is in the one that it was written in; an instrument’s is in millimetres always', () => {
  const { set } = lead()
  expect(readHeight({ text: '.0571', unit: 'in' }, set).heightMm).toBeCloseTo(1.45034, 6)
  expect(readHeight({ text: '1.45 mm', unit: 'in' }, set).heightMm).toBe(1.45)
  expect(readHeight({ text: '1.45', unit: 'in', by: 'Height, HG-1' }, set).heightMm).toBe(1.45)
})

test.each([
  ['80', undefined, 80],
  ['79.94', 'low', 79.9],
  // 80.0 in the record: screen and record say the same
  ['79.96', undefined, 80],
  ['120 N', undefined, 120],
  ['9000', 'implausible', undefined],
  ['', undefined, undefined],
])('a pull written as “%s” is %s, and %s N for the record', (text, fault, recordedN) => {
  const read = lead().pull(text)
  expect(read.fault?.kind).toBe(fault)
  expect(read.measured?.pullN).toBe(recordedN)
})

test('a pull that seems too strong for copper is asked about, and written once it was meant', () => {
  const { first } = lead()
  const strong = written('1.45', '9000')
  expect(first(strong)).toMatchObject({ missing: 'right-figure', measured: undefined })
  expect(first(pieceForm(strong, { kind: 'pull-meant' })).measured).toMatchObject({ pullN: 9000, meant: true })
  // what can be needs no such word in the record
  expect(first(pieceForm(written('1.45', '90'), { kind: 'pull-meant' })).measured).not.toHaveProperty('meant')
})

test('a first piece says what it waits for: height, then pull, then a figure that can be', () => {
  const { first } = lead()
  expect(first(newPiece)).toMatchObject({ missing: 'height', bad: false, measured: undefined })
  expect(first(written('1.45'))).toMatchObject({ missing: 'pull' })
  expect(first(written('14.5', '90'))).toMatchObject({ missing: 'right-figure', measured: undefined })
  expect(first(written('1.45', '90'))).toMatchObject({
    missing: undefined,
    bad: false,
    measured: { heightMm: 1.45, pullN: 90 },
  })
  expect(first(written('1.45', '60'))).toMatchObject({ missing: undefined, bad: true, measured: { pullN: 60 } })
  expect(first(written('1.55', '90'))).toMatchObject({ missing: undefined, bad: true, measured: { heightMm: 1.55 } })
})

test('a setup without a height window asks for the pull alone, and records no height', () => {
  const { first } = lead('none')
  expect(first(written('1.45', '90'))).toMatchObject({ missing: undefined, bad: false })
  expect(first(written('1.45', '90')).measured).not.toHaveProperty('heightMm')
})

test('what an instrument read goes into the record with its name; typed over, the name goes', () => {
  const { first } = lead()
  let form = pieceForm(newPiece, { kind: 'height-written', figure: { text: '1.452', by: 'URN,MIC,7' } })
  form = pieceForm(form, { kind: 'pull-written', figure: { text: '91.25', by: 'URN,PULL,2', breaks: 'broke-in-wire' } })
  expect(first(form).measured).toEqual({
    heightMm: 1.452,
    heightBy: 'URN,MIC,7',
    pullN: 91.3,
    pullBy: 'URN,PULL,2',
    breaks: 'broke-in-wire',
  })
  form = pieceForm(form, { kind: 'height-written', figure: { text: '1.45' } })
  form = pieceForm(form, { kind: 'pull-written', figure: { text: '91' } })
  expect(first(form).measured).toEqual({ heightMm: 1.45, pullN: 91 })
  expect(pieceForm(form, { kind: 'pull-begun' }).pull.text).toBe('')
  expect(pieceForm(form, { kind: 'recorded' })).toEqual(newPiece)
})

test('a practice is ticked once, however often', () => {
  const on = pieceForm(newPiece, { kind: 'practice-ticked', practice: 'lubricant', on: true })
  expect(pieceForm(on, { kind: 'practice-ticked', practice: 'lubricant', on: true }).practices).toEqual(['lubricant'])
  expect(pieceForm(on, { kind: 'practice-ticked', practice: 'lubricant', on: false }).practices).toEqual([])
})

test('a fault that turns out to be none leaves what was measured; a piece that was saved is measured anew', () => {
  const measured = written('1.46')
  const seen = pieceForm(measured, { kind: 'fault-seen', look: 'wings-closed', defect: 'wings-open' })
  const cured = pieceForm(seen, { kind: 'cure-ticked' })
  expect(cured.fault).toEqual({ look: 'wings-closed', defect: 'wings-open', withCure: true })
  // another defect is another cure
  expect(pieceForm(cured, { kind: 'fault-seen', look: 'wings-closed', defect: 'bent' }).fault?.withCure).toBeUndefined()
  expect(pieceForm(seen, { kind: 'fault-dropped' })).toEqual(measured)
  expect(pieceForm(seen, { kind: 'saved', practice: 'lubricant' })).toEqual({ ...newPiece, practices: ['lubricant'] })
})

test('a crimp is accepted with a height where one is due, and never with one that is wrong', () => {
  const { set } = lead()
  const good = (text: string, due: boolean) => readLooks(written(text), set, due).good
  expect([good('', false), good('', true)]).toEqual([true, false])
  expect([good('1.45', false), good('1.45', true)]).toEqual([true, true])
  for (const wrong of ['1.6', '145', 'abc']) expect(good(wrong, false)).toBe(false)
})

test('whatever is written: only what can be is measured, and a fault keeps a crimp from being accepted', () => {
  const { set, first } = lead()
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 20, noNaN: true }),
      fc.double({ min: 0.1, max: 3000, noNaN: true }),
      (heightMm, pullN) => {
        const form = written(heightMm.toFixed(3), pullN.toFixed(1))
        const read = first(form)
        expect(read.measured !== undefined).toBe(read.missing === undefined)
        // what can be read in two ways is asked about first
        const { fault, heightMm: understood } = read.height
        expect(readLooks(form, set, true).good).toBe(fault === undefined && understood !== undefined)
        if (read.measured && 'pullN' in read.measured) expect(Math.abs(read.measured.pullN - pullN)).toBeLessThan(0.1)
      },
    ),
  )
})
