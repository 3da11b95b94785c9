import { expect, test } from 'vitest'
import { nextStep } from '../../views/steps'
import { hasRelease } from './released'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { heightDrift, heightReadings } from './heightWatch'

test('heights are read in the order in which the crimps were made, since the release', () => {
  const { state, setup, crimp } = sevenLeads()
  expect([crimp(3, 1.3), crimp(1), crimp(2, 1.29)]).toEqual([undefined, undefined, undefined])
  expect(heightReadings(state, setup).map(({ term, heightMm }) => `${term} ${heightMm}`)).toEqual([
    '1/W3/a 1.3',
    '1/W2/a 1.29',
  ])
  expect(heightDrift(state, setup)).toBeUndefined()
})

test('six rising in a row stop the line, all of them inside the sheet, until a new first piece is good', () => {
  const { state, setup, crimp, put, piece } = sevenLeads()
  for (const [i, height] of [1.25, 1.26, 1.28, 1.29, 1.31].entries()) expect(crimp(i + 1, height)).toBeUndefined()
  expect(hasRelease(state, setup)).toBe(true)
  expect(crimp(6, 1.33)).toBeUndefined()
  expect(heightDrift(state, setup)).toMatchObject({
    signal: { rule: 'trend', side: 'high', at: 5 },
    reading: { term: '1/W6/a', heightMm: 1.33 },
  })
  expect(nextStep(state).kind).not.toBe('crimp')
  expect(crimp(7, 1.34)).toEqual({ kind: 'not-yet', what: 'released' })
  // the pieces from before the drift do not release it again
  expect(put({ kind: 'setup-released', setup })).toEqual({ kind: 'not-yet', what: 'first-piece', left: 1 })
  expect(piece()).toBeUndefined()
  expect(put({ kind: 'setup-released', setup })).toBeUndefined()
  expect(crimp(7, 1.34)).toBeUndefined()
  expect(heightDrift(state, setup)).toBeUndefined()
})

test('a height that falls back ends the rise', () => {
  const { state, setup, crimp } = sevenLeads()
  for (const [i, height] of [1.25, 1.26, 1.28, 1.27, 1.29, 1.31, 1.32].entries())
    expect(crimp(i + 1, height)).toBeUndefined()
  expect(heightDrift(state, setup)).toBeUndefined()
})
