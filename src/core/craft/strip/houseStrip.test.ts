import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { houseRules } from '../../parts/rules/houseRules'
import { fit } from '../fit/fit'
import { houseStrip, stripsAtOdds } from './houseStrip'

const shelf = demoShelf()
const contact = shelf.contacts.get('SC-09-18')
const rules = houseRules['sheet-strict']

test.each([
  [{ minMm: 4, maxMm: 4.7 }, false],
  [{ minMm: 4.1, maxMm: 4.6 }, false],
  // a brush of 1.5 where the rules allow 1.0
  [{ minMm: 4.1, maxMm: 5.2 }, true],
  [{ minMm: 3.8, maxMm: 4.6 }, true],
  // by less than a tenth nobody can strip
  [{ minMm: 3.97, maxMm: 4.74 }, false],
])('a sheet’s strip of %j is at odds with the rules: %s', (sheet, expected) => {
  const house = contact && houseStrip(contact, 2.1, rules)
  expect(house && stripsAtOdds(sheet, house)).toBe(expected)
})

test.each(['sheet', 'house-rules'] as const)('where they differ both are said, and %s counts', (stripCounts) => {
  const sheet = { minMm: 4.1, maxMm: 5.2 }
  const rowsByContact = new Map(shelf.rowsByContact).set(
    'SC-09-18',
    (shelf.rowsByContact.get('SC-09-18') ?? []).map((placed) => ({ ...placed, row: { ...placed.row, strip: sheet } })),
  )
  const housing = shelf.housings.get('SW-7P')
  const cavity = housing?.cavities[0]
  const wire = { areaMm2: 1, insulationMm: 2.1, strands: 32, strandMm: 0.2 }
  if (!housing || !cavity || !contact) throw new Error('shelf')
  const house = houseStrip(contact, 2.1, rules)
  const { sets } = fit(
    { ...shelf, rowsByContact },
    { housing, cavity, wire, ambientC: 20, rules: { ...rules, stripCounts }, today: '2026-11-25' },
  )
  const setup = sets.find((one) => one.contact.id === 'SC-09-18')?.setups[0]
  expect(setup?.notes).toContainEqual({ kind: 'strip-contradicts', sheet, house, counts: stripCounts })
  expect(setup?.stripFrom).toBe(stripCounts === 'sheet' ? 'sheet' : 'dimensions')
  expect(setup?.strip.maxMm).toBeCloseTo(stripCounts === 'sheet' ? 5.2 : (house?.maxMm ?? 0), 9)
})
