import { expect, test } from 'vitest'
import { catalogueSchema } from '../catalogue/schema'
import { demoShelfInput } from '../catalogue/demoShelf.testing'
import { buildCatalogue } from '../catalogue/catalogue'
import { figureChanges } from '../catalogue/comparePackages'
import { emptyPackage } from '../catalogue/packageLists'
import { houseRules } from '../rules/houseRules'
import { fit } from '../../craft/fit/fit'
import { emptyFamily, type FamilyDraft } from './familyDraft'
import { draftFamily, duplicateFamily, placardsAfter } from './draftFamily'
import { readFamily } from './readFamily'
import { placardSheet } from './familySheets'
import { emptyHousing } from './housingDraft'
import { readSheetRow } from './sheet'

const shelf = demoShelfInput()

test('every family of the demo world, opened as a draft and read again, is the same family with the same placards', () => {
  for (const family of shelf.families) {
    const { faults, family: again, rows } = readFamily(draftFamily(family, shelf.placards))
    expect(faults).toEqual([])
    if (!again) throw new Error(family.id)
    // a part of a family carries the family's own source in the draft
    expect(
      figureChanges(
        { ...family, parts: [], seals: [], contacts: [], housings: [] },
        { ...again, parts: [], seals: [], contacts: [], housings: [] },
      ),
    ).toEqual([])
    expect(
      again.housings.map((housing) =>
        figureChanges(
          family.housings.find((one) => one.id === housing.id),
          housing,
        ).filter((one) => !one.path.startsWith('source')),
      ),
    ).toEqual(family.housings.map(() => []))
    expect(
      again.contacts.map((contact) =>
        figureChanges(
          family.contacts.find((one) => one.id === contact.id),
          contact,
        ),
      ),
    ).toEqual(family.contacts.map(() => []))
    expect(placardsAfter(shelf.placards, again, rows)).toEqual([])
  }
})

test('a duplicate has parts of its own, and stands beside the first on the shelf', () => {
  const celadon = shelf.families.find((family) => family.id === 'celadon-s')
  if (!celadon) throw new Error('celadon-s')
  const { faults, family, rows } = readFamily(
    duplicateFamily(draftFamily(celadon, shelf.placards), 'celadon-x', 'Celadon X', '-X'),
  )
  expect(faults).toEqual([])
  if (!family) throw new Error('family')
  const merged = {
    ...shelf,
    families: [...shelf.families, family],
    placards: [...shelf.placards, ...placardsAfter(shelf.placards, family, rows)],
  }
  const built = buildCatalogue(merged)
  expect(built.ok).toBe(true)
  expect(built.ok && built.value.contacts.get('CS-SK-N-X')?.family).toBe('celadon-x')
  expect(built.ok && built.value.housings.get('CS-14P-X')?.mates).toEqual(['CS-14R-X'])
})

const quick: FamilyDraft = {
  ...emptyFamily,
  id: 'fresh',
  name: 'Fresh',
  document: 'Fresh sheet',
  sheets: {
    ...emptyFamily.sheets,
    sizes: [{ id: 'F1', boreMm: '2.2' }],
    contacts: [
      { id: 'F-S', construction: 'open', size: 'F1', gender: 'socket', minMm2: '0.2', maxMm2: '0.5', plating: 'tin' },
    ],
    placard: [
      { tool: 'PF-10', contact: 'F-S', minMm2: '0.2', maxMm2: '0.5', die: 'D9', stripMinMm: '2.6', stripMaxMm: '3.2' },
    ],
  },
  housings: [
    { ...emptyHousing, id: 'F-3', name: 'Fresh 3 plug', cavities: [{ ways: '3', pitchMm: '3.2' }], size: 'F1' },
  ],
}

test('a family with the least that a sheet gives can be used at once: what is not on it stays out', () => {
  // “open” begins two constructions: which one must be said
  expect(readFamily(quick).faults).toMatchObject([
    { at: 'sheet', sheet: 'contacts', row: 0, column: 'construction', problem: { kind: 'no-choice' } },
  ])
  const said = {
    ...quick,
    sheets: {
      ...quick.sheets,
      contacts: quick.sheets.contacts.map((row) => ({ ...row, construction: 'open-barrel' })),
    },
  }
  const { family, rows, faults } = readFamily(said)
  expect(faults).toEqual([])
  if (!family) throw new Error('family')
  expect(family.contacts[0]).not.toHaveProperty('ratedA')
  expect(family.contacts[0]).not.toHaveProperty('barrel')
  const parsed = catalogueSchema.safeParse({
    ...emptyPackage,
    families: [family],
    placards: placardsAfter([], family, rows),
    tools: shelf.tools,
  })
  expect(parsed.success).toBe(true)
  const built = parsed.success ? buildCatalogue(parsed.data) : undefined
  if (!built?.ok) throw new Error(JSON.stringify(built?.fault))
  const housing = built.value.housings.get('F-3')
  const cavity = housing?.cavities[0]
  if (!housing || !cavity) throw new Error('housing')
  const [set] = fit(built.value, {
    housing,
    cavity,
    wire: { areaMm2: 0.35, insulationMm: 1.4, currentA: 2 },
    ambientC: 20,
    rules: houseRules['sheet-strict'],
    today: '2026-11-25',
  }).sets
  expect(set?.setups[0]).toMatchObject({ stripFrom: 'sheet', strip: { minMm: 2.6, maxMm: 3.2 } })
  expect(set?.unchecked).toEqual(['current', 'bore', 'insulation-support'])
})

test.each<[string, Partial<FamilyDraft>, unknown]>([
  [
    'a contact twice',
    {
      sheets: {
        ...quick.sheets,
        contacts: [
          { ...quick.sheets.contacts[0], construction: 'closed-barrel' },
          { ...quick.sheets.contacts[0], construction: 'closed-barrel' },
        ],
      },
    },
    { sheet: 'contacts', row: 1, column: 'id', problem: { kind: 'twice' } },
  ],
  [
    'a size that is not there',
    {
      sheets: {
        ...quick.sheets,
        contacts: [{ ...quick.sheets.contacts[0], construction: 'closed-barrel', size: 'F9' }],
      },
    },
    { sheet: 'contacts', row: 0, column: 'size', problem: { kind: 'unknown', known: ['F1'] } },
  ],
  [
    'a row for a stranger',
    { sheets: { ...quick.sheets, placard: [{ ...quick.sheets.placard[0], contact: 'NOPE' }] } },
    { sheet: 'placard', row: 0, column: 'contact', problem: { kind: 'unknown' } },
  ],
  [
    'a range that runs backward',
    { sheets: { ...quick.sheets, placard: [{ ...quick.sheets.placard[0], minMm2: '0.9' }] } },
    { sheet: 'placard', row: 0, column: 'maxMm2', problem: { kind: 'min-above-max' } },
  ],
  [
    'a stud that says no terminal',
    { sheets: { ...quick.sheets, sizes: [{ id: 'F1', studMm: '4', torqueNm: '1.2' }] } },
    { sheet: 'sizes', row: 0, column: 'takes', problem: { kind: 'missing' } },
  ],
  [
    'a terminal that nobody makes',
    { sheets: { ...quick.sheets, sizes: [{ id: 'F1', takes: 'ring hook' }] } },
    { sheet: 'sizes', row: 0, column: 'takes', problem: { kind: 'no-choice' } },
  ],
  [
    'a clamp whose wires run backward',
    { sheets: { ...quick.sheets, sizes: [{ id: 'F1', takes: 'ferrules', minMm2: '4', maxMm2: '1' }] } },
    { sheet: 'sizes', row: 0, column: 'maxMm2', problem: { kind: 'min-above-max' } },
  ],
  ['no document', { document: '' }, { at: 'head', field: 'document', problem: { kind: 'missing' } }],
])('%s is named with its place', (_what, change, fault) => {
  const { at, sheet, column: where } = fault as { at?: string; sheet?: string; column?: string }
  const found = readFamily({ ...quick, ...change }).faults.find(
    (one) =>
      (sheet === undefined || (one.at === 'sheet' && one.sheet === sheet && one.column === where)) &&
      (at === undefined || one.at === at),
  )
  expect(found).toMatchObject(fault as object)
})

test('a row reads what it can, and names each cell that it cannot', () => {
  const reading = readSheetRow(placardSheet, {
    tool: 'QF-5',
    contact: 'X',
    minMm2: '0.5',
    maxMm2: 'thick',
    selector: '7',
  })
  expect(reading.values).toMatchObject({ tool: 'QF-5', minMm2: 0.5, selector: 7 })
  expect(Object.keys(reading.problems)).toEqual(['maxMm2'])
})

test.each(shelf.families.map((family) => [family.name, family] as const))(
  'opened, saved, nothing changed: %s is what it was, each part with its own provenance',
  (_name, family) => {
    const { family: saved, faults } = readFamily(draftFamily(family, shelf.placards))
    expect(faults).toEqual([])
    expect(saved).toEqual(family)
  },
)

test('an edit changes only what it names', () => {
  const family = shelf.families.find((one) => one.contacts.length > 2)
  if (!family) throw new Error('family')
  const draft = draftFamily(family, shelf.placards)
  const [first, ...others] = draft.sheets.contacts
  const edited: FamilyDraft = {
    ...draft,
    revision: 'next',
    sheets: { ...draft.sheets, contacts: [{ ...first, ratedA: '3.3' }, ...others] },
  }
  const { family: saved } = readFamily(edited)
  expect(saved?.contacts[0]).toMatchObject({ ratedA: 3.3, source: { revision: 'next' } })
  expect(saved?.contacts.slice(1)).toEqual(family.contacts.slice(1))
  expect(saved?.housings).toEqual(family.housings)
  expect(saved?.seals).toEqual(family.seals)
})

test('terminals and their own pull minima stand in sheets of their own', () => {
  const { family, faults } = readFamily({
    ...quick,
    sheets: {
      ...quick.sheets,
      contacts: quick.sheets.contacts.map((row) => ({ ...row, construction: 'open-barrel', wings: 'staggered' })),
      terminals: [
        {
          id: 'R-M4',
          shape: 'ring',
          minMm2: '16 AWG',
          maxMm2: '14 awg',
          plating: 'tin',
          sleeveMark: 'blue',
          insulated: 'yes',
          studMm: '4.3',
          torqueNm: '1.2',
        },
      ],
      pulls: [
        { contact: 'R-M4', areaMm2: '1.31', forceN: '133 N' },
        { contact: 'F-S', areaMm2: '0.35', forceN: '12 lbf' },
      ],
    },
  })
  expect(faults).toEqual([])
  expect(family?.contacts.find((one) => one.id === 'R-M4')).toMatchObject({
    construction: 'sleeve',
    conductor: { minMm2: 1.308696, maxMm2: 2.080908 },
    insulated: true,
    shrinks: false,
    studMm: 4.3,
    torqueNm: 1.2,
    sleeveMark: 'blue',
    pullMinima: [{ areaMm2: 1.31, forceN: 133 }],
  })
  expect(family?.contacts.find((one) => one.id === 'F-S')?.pullMinima[0]?.forceN).toBeCloseTo(53.38, 2)
})

test('a part number is one part’s, in whichever table it stands; a pull for a stranger is named', () => {
  const sheets = {
    ...quick.sheets,
    contacts: quick.sheets.contacts.map((row) => ({ ...row, construction: 'open-barrel' })),
    parts: [{ id: 'F-S', kind: 'clip' }],
    pulls: [{ contact: 'NOPE', areaMm2: '1', forceN: '80' }],
  }
  expect(readFamily({ ...quick, sheets }).faults).toEqual([
    { at: 'sheet', sheet: 'parts', row: 0, column: 'id', problem: { kind: 'twice' } },
    {
      at: 'sheet',
      sheet: 'pulls',
      row: 0,
      column: 'contact',
      problem: { kind: 'unknown', what: 'contact of this family', known: ['F-S'] },
    },
  ])
})

test('a housing that says a size of no sheet, and one whose number is taken, are named at their cell', () => {
  const contacts = quick.sheets.contacts.map((row) => ({ ...row, construction: 'open-barrel' }))
  const [one] = quick.housings
  if (!one) throw new Error('housing')
  const { faults } = readFamily({
    ...quick,
    sheets: { ...quick.sheets, contacts },
    housings: [one, { ...one, cavities: [{ ways: '2', pitchMm: '3', size: 'F9' }] }],
  })
  expect(faults).toContainEqual({ at: 'housing', housing: 1, field: 'id', problem: { kind: 'twice' } })
  const alone = readFamily({
    ...quick,
    sheets: { ...quick.sheets, contacts },
    housings: [
      {
        ...one,
        cavities: [
          { ways: '3', pitchMm: '3' },
          { ways: '2', size: 'F9' },
        ],
      },
    ],
  })
  expect(alone.faults).toEqual([
    {
      at: 'housing-cell',
      housing: 0,
      sheet: 'cavities',
      row: 1,
      column: 'size',
      problem: { kind: 'unknown', what: 'contact size', known: ['F1'] },
    },
  ])
})
