import fc from 'fast-check'
import { expect, test } from 'vitest'
import { demoShelf } from '../catalogue/demoShelf.testing'
import { bandColours, bandsOfBin, binOfBands, parseBand, readBands, type BandColour } from './bands'
import { calliperFigures, identify, sheetFigure, tellApart } from './identify'

const shelf = demoShelf()
const bands = (...names: string[]): BandColour[] => names.flatMap((name) => parseBand(name) ?? [])
const contact = (id: string) => {
  const found = shelf.contacts.get(id)
  if (!found) throw new Error(id)
  return found
}
const cavityContacts = [...shelf.contactsByFamily.values()].flat()

test.each([
  [['white', 'violet', 'green'], '975', ['RK-SK-C']],
  [['WH', 'BN', 'RD'], '912', ['RK-PN-A']],
  [['white', 'orange', 'green'], '935', ['RK-SK-B']],
  [['black', 'black', 'black'], '000', []],
])('%j spells %s', (names, bin, ids) => {
  const [reading] = readBands(bands(...names), cavityContacts)
  expect(reading?.bin).toBe(bin)
  expect(reading?.contacts.map((one) => one.id)).toEqual(ids)
})

test('held the wrong way round the bands are read from the other end, and the reading that names a contact comes first', () => {
  const readings = readBands(bands('green', 'violet', 'white'), cavityContacts)
  expect(readings.map((one) => `${one.bin} ${one.from} ${one.contacts.length}`)).toEqual([
    '975 other-end 1',
    '579 given 0',
  ])
  expect(readBands(bands('white', 'green', 'white'), cavityContacts)).toHaveLength(1)
})

test('grey and gray, violet and purple, letters of any case are one colour; turquoise is no digit', () => {
  expect([parseBand('Gray'), parseBand('gy')].map((one) => one?.digit)).toEqual([8, 8])
  expect(parseBand('purple')?.digit).toBe(7)
  expect(parseBand('turquoise')).toBeUndefined()
})

test('bands and bins lead back to each other', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...bandColours), { minLength: 1, maxLength: 4 }), (some) => {
      expect(bandsOfBin(binOfBands(some))).toEqual(some)
    }),
  )
})

test('no two contacts of the shelf carry the same bin', () => {
  const bins = cavityContacts.flatMap((one) => one.bin ?? [])
  expect(new Set(bins).size).toBe(bins.length)
})

test('callipers on a Celadon M socket name it first, with its gold twin beside it', () => {
  const found = identify(shelf.contacts.values(), { overallMm: 17.85, barrelOuterMm: 2.8, matingMm: 1.8 })
  expect(found.slice(0, 2).map((one) => one.contact.id)).toEqual(['CM-SK-G', 'CM-SK-N'])
  expect(
    tellApart(found.slice(0, 2).map((one) => one.contact)).map((one) => `${one.by} ${one.values.join(' / ')}`),
  ).toEqual(['plating gold / nickel'])
})

test('the two Majolica contacts, alike to the eye, differ in their wings and in the wire that they take', () => {
  expect(tellApart([contact('MJ-SK-A'), contact('MJ-SK-B')]).map((one) => one.by)).toEqual(['wingWidthMm', 'conductor'])
})

test('without a reading nothing is named, and a wild one names nothing', () => {
  expect(identify(shelf.contacts.values(), {})).toEqual([])
  expect(identify(shelf.contacts.values(), { overallMm: 400 })).toEqual([])
})

test('whatever contact is measured exactly, it or a twin with the same figures comes first', () => {
  fc.assert(
    fc.property(fc.constantFrom(...shelf.contacts.values()), (one) => {
      const measured = Object.fromEntries(
        calliperFigures.flatMap((figure) => {
          const value = sheetFigure(one, figure)
          return value === undefined ? [] : [[figure, value]]
        }),
      )
      const [best] = identify(shelf.contacts.values(), measured)
      expect(best?.likeness).toBeCloseTo(1, 9)
      for (const [figure, value] of Object.entries(measured))
        expect(best && sheetFigure(best.contact, figure as 'overallMm')).toBe(value)
    }),
  )
})
