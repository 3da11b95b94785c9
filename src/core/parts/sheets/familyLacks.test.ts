import { expect, test } from 'vitest'
import { demoShelfInput } from '../catalogue/demoShelf.testing'
import { emptyFamily, type FamilyDraft } from './familyDraft'
import { draftFamily } from './draftFamily'
import { familyLacks } from './familyLacks'
import { emptyHousing } from './housingDraft'
import { readFamily } from './readFamily'

const shelf = demoShelfInput()
const tools = new Set(shelf.tools.map((one) => one.id))
const lacksOf = (draft: FamilyDraft) => {
  const { soFar, rows } = readFamily(draft)
  return familyLacks({ family: soFar, rows, tools })
}
const lacked = (draft: FamilyDraft) => Object.fromEntries(lacksOf(draft).map(({ lack, of }) => [lack, of]))

const half: FamilyDraft = {
  ...emptyFamily,
  id: 'engobe',
  name: 'Engobe',
  document: 'sheet',
  sealing: 'wire-seal',
  lock: 'wedge',
  sheets: {
    ...emptyFamily.sheets,
    sizes: [{ id: 'E08', boreMm: '2.2' }, { id: 'E24' }],
    contacts: [
      {
        id: 'E-S',
        construction: 'closed-barrel',
        size: 'E08',
        gender: 'socket',
        minMm2: '0.2',
        maxMm2: '0.5',
        plating: 'tin',
      },
    ],
    seals: [{ id: 'E-W', minMm: '1.2', maxMm: '1.8', boreMm: '2.2', lengthMm: '5' }],
    placard: [{ tool: 'PF-99', contact: 'E-S', minMm2: '0.2', maxMm2: '0.5' }],
  },
  housings: [
    {
      ...emptyHousing,
      id: 'EN-12P',
      cavities: [
        { ways: '4', size: 'E08', pitchMm: '4' },
        { ways: '3', size: 'E24' },
      ],
    },
  ],
}

test('a family that is half entered says what a job could not do, and for which part', () => {
  expect(lacked(half)).toEqual({
    mate: ['EN-12P'],
    bore: ['E24'],
    fit: ['E24 socket'],
    plug: ['E08', 'E24'],
    shut: ['EN-12P'],
    strip: ['E-S'],
    tool: ['PF-99'],
  })
})

test('nothing entered lacks a face; a pin does not fit where a socket is taken', () => {
  expect(lacked(emptyFamily)).toEqual({ draw: ['–'] })
  const pins = {
    ...half,
    sheets: { ...half.sheets, contacts: half.sheets.contacts.map((one) => ({ ...one, gender: 'pin' })) },
  }
  expect(lacked(pins).fit).toEqual(['E08 socket', 'E24 socket'])
  expect(lacked({ ...pins, plugTakes: 'either' }).fit).toEqual(['E24 pin or socket'])
})

test('a seal of another bore seals nothing; a row without a strip asks for the barrel', () => {
  const other = {
    ...half,
    sheets: { ...half.sheets, seals: [{ id: 'W', minMm: '1', maxMm: '2', boreMm: '4', lengthMm: '5' }] },
  }
  expect(lacked(other).seal).toEqual(['E08'])
  const strip = { ...half, sheets: { ...half.sheets, placard: [{ ...half.sheets.placard[0], stripMinMm: '4' }] } }
  expect(lacked(strip)).not.toHaveProperty('strip')
})

test('every family of the demo world can be fitted and shut', () => {
  for (const family of shelf.families)
    for (const { lack } of lacksOf(draftFamily(family, shelf.placards)))
      expect([family.id, lack]).not.toEqual([family.id, expect.stringMatching(/^(draw|shut|tool)$/)])
})
