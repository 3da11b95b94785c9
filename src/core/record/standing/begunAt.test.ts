import fc from 'fast-check'
import { expect, test } from 'vitest'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { asBegun } from './begunAt'

test('terminations in whatever order come in the one in which work on them began', () => {
  const { state } = sevenLeads()
  const begun = [...state.terms.keys()]
  expect(begun.length).toBeGreaterThan(6)
  fc.assert(
    fc.property(fc.shuffledSubarray(begun), (some) => {
      expect(asBegun(state, some)).toEqual(begun.filter((key) => some.includes(key)))
    }),
  )
})
