import { expect, test } from 'vitest'
import { heightReadings } from '../../standing/heightWatch'
import { samplesDue } from '../../standing/samplesDue'
import { sevenLeads } from '../../../views/sevenLeads.testing'
import { nextStep } from '../../../views/steps'
import { partsUsed } from '../../standing/partsUsed'
import { hasRelease } from '../../standing/released'
import { refusalOf } from '../../../work/left/refusalOf'

test('a changed die, spool or shift asks for a new first piece, and says why', () => {
  const { state, setup, put, piece, crimp } = sevenLeads()
  expect(put({ kind: 'release-ended', setup, why: 'spool' })).toBeUndefined()
  expect(hasRelease(state, setup)).toBe(false)
  expect(state.setups.get(setup)?.ended).toMatchObject({ why: 'spool', by: 'teodor' })
  expect(crimp(1)).toEqual({ kind: 'not-yet', what: 'released' })
  expect(put({ kind: 'setup-released', setup })).toEqual({ kind: 'not-yet', what: 'first-piece', left: 1 })
  expect(nextStep(state)).toMatchObject({ kind: 'first-piece' })
  expect(piece()).toBeUndefined()
  expect(put({ kind: 'setup-released', setup })).toBeUndefined()
  expect(state.setups.get(setup)?.ended).toBeUndefined()
  expect(crimp(1)).toBeUndefined()
  expect(put({ kind: 'release-ended', setup: 'nothing', why: 'die' })).toEqual({ kind: 'not-yet', what: 'mounted' })
})

test('a turned adjuster ends the verification: gauged first, then a first piece', () => {
  const { state, setup, set, put, piece } = sevenLeads()
  const { tool } = set.setup
  put({ kind: 'release-ended', setup, why: 'adjuster' })
  expect(nextStep(state)).toMatchObject({ kind: 'verify-tool', tool })
  expect(piece()).toEqual({ kind: 'tool-unverified', tool })
  expect(put({ kind: 'tool-verified', tool, goEnters: true, noGoStops: false })).toBeUndefined()
  expect(piece()).toEqual({ kind: 'tool-unverified', tool })
  put({ kind: 'tool-verified', tool, goEnters: true, noGoStops: true })
  expect(nextStep(state)).toMatchObject({ kind: 'first-piece' })
  expect(piece()).toBeUndefined()
  expect(put({ kind: 'tool-verified', tool: 'none', goEnters: true, noGoStops: true })).toEqual({
    kind: 'unknown',
    what: 'tool',
    id: 'none',
  })
})

test('a strip stop that is set again changes no crimp; a wire stop does', () => {
  const { state, setup, set, put } = sevenLeads()
  const { nominalMm } = set.strip
  expect(
    put({
      kind: 'setup-adjusted',
      setup,
      part: 'strip-stop',
      toMm: nominalMm - 0.4,
      nominalMm,
      why: 'bare-under-insulation-wings',
    }),
  ).toBeUndefined()
  expect(state.adjustments.get(setup)).toEqual({ stripOffMm: -0.4 })
  expect(hasRelease(state, setup)).toBe(true)
  expect(put({ kind: 'setup-adjusted', setup, part: 'strip-stop', toMm: 31, nominalMm, why: 'x' })).toMatchObject({
    kind: 'outside-window',
    toMm: 31,
  })
  expect(put({ kind: 'setup-adjusted', setup, part: 'wire-stop', why: 'x' })).toEqual({
    kind: 'figure-missing',
    part: 'wire-stop',
  })
  expect(
    put({ kind: 'setup-adjusted', setup, part: 'wire-stop', toMm: 1.2, why: 'insulation-under-wings' }),
  ).toBeUndefined()
  expect(state.adjustments.get(setup)).toEqual({ stripOffMm: -0.4, wireStopMm: 1.2 })
  expect(state.setups.get(setup)?.ended?.why).toBe('wire-stop')
  expect(hasRelease(state, setup)).toBe(false)
})

test('where the rules want one height in three, the third is not accepted without', () => {
  const { state, setup, crimp } = sevenLeads({ heightEvery: 3 })
  expect(samplesDue(state, setup)).toMatchObject({ height: false, heightIn: 3 })
  expect([crimp(1), crimp(2)]).toEqual([undefined, undefined])
  expect(samplesDue(state, setup)).toMatchObject({ height: true, heightIn: 1 })
  expect(crimp(3)).toEqual({ kind: 'height-missing' })
  expect(crimp(3, 1.31)).toBeUndefined()
  expect(samplesDue(state, setup).heightIn).toBe(3)
})

test('one pull in two: the line waits for the sample; a low one ends the release, and both took a contact', () => {
  const { state, setup, crimp, put } = sevenLeads({ pullEvery: 2 })
  crimp(1)
  crimp(2)
  expect(nextStep(state)).toMatchObject({ kind: 'pull-sample', every: 2 })
  expect(crimp(3)).toEqual({ kind: 'pull-due', setup, every: 2 })
  expect(
    put({ kind: 'pull-sampled', setup, wire: 'W1', side: 'a', pullN: 140, breaks: 'broke-in-wire' }),
  ).toBeUndefined()
  expect(crimp(3)).toBeUndefined()
  crimp(4)
  expect(put({ kind: 'pull-sampled', setup, wire: 'W1', side: 'a', pullN: 12, breaks: 'pulled-out' })).toBeUndefined()
  expect(state.setups.get(setup)?.samples.map((one) => one.good)).toEqual([true, false])
  expect(state.setups.get(setup)?.ended?.why).toBe('pull-low')
  expect(nextStep(state)).toMatchObject({ kind: 'first-piece' })
  const contact = state.sets.get('W1/a')?.contact ?? ''
  // four crimps, one first piece, two samples
  expect(partsUsed(state).get(contact)).toBe(7)
})

test('a shop may want a first piece each day', () => {
  const { folded, setup, looks } = sevenLeads({ shiftAsksAgain: true })
  const entry = { id: 'next-day-1', seq: folded.state.seq + 1, kind: 'crimped', term: '1/W1/a', setup, looks } as const
  const on = (at: string) => refusalOf(folded, { ...entry, at, by: 'teodor' }, { at, by: 'teodor' })
  expect(on('2026-11-25T15:00:00Z')).toBeUndefined()
  expect(on('2026-11-26T07:00:00Z')).toMatchObject({ kind: 'new-day' })
})

test('the height of a scrapped crimp stays in the run that it belongs to', () => {
  const { state, setup, crimp, put } = sevenLeads()
  for (let wire = 1; wire <= 6; wire++) crimp(wire, 1.28 + wire * 0.005)
  expect(hasRelease(state, setup)).toBe(false)
  put({
    kind: 'crimp-rejected',
    term: '1/W6/a',
    look: 'wings-closed',
    defect: 'under-crimped',
    decision: 'scrap',
    usedMm: 8,
  })
  expect(heightReadings(state, setup)).toHaveLength(6)
  expect(hasRelease(state, setup)).toBe(false)
})

test('what these rules forbid is not recorded as done; what they allow is', () => {
  const strict = sevenLeads()
  const said = (looks: unknown, setup: string) => ({
    kind: 'crimped',
    term: '1/W1/a',
    setup,
    looks,
    practices: ['straightening'],
  })
  expect(strict.put(said(strict.looks, strict.setup))).toEqual({
    kind: 'practice-forbidden',
    practice: 'straightening',
  })
  const field = sevenLeads({ straightening: 'recorded' })
  expect(field.put(said(field.looks, field.setup))).toBeUndefined()
  expect(field.state.terms.get('1/W1/a')?.crimp?.practices).toEqual(['straightening'])
})

test('photos stand by their piece, and of a piece that there is', () => {
  const { state, put } = sevenLeads()
  const photo = 'a'.repeat(64)
  expect(put({ kind: 'photo-taken', term: '1/W1/a', photo, widthPx: 640, heightPx: 480 })).toBeUndefined()
  expect(state.photos.get('1/W1/a')).toMatchObject([{ photo, widthPx: 640 }])
  expect(put({ kind: 'photo-taken', term: '1/W99/a', photo, widthPx: 640, heightPx: 480 })).toMatchObject({
    kind: 'unknown',
    what: 'termination',
  })
})
