import { expect, test } from 'vitest'
import type { Catalogue } from '../../parts/catalogue/catalogue'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import type { Contact, Tool } from '../../parts/catalogue/types'
import { type HouseRules, houseRules } from '../../parts/rules/houseRules'
import type { FitConditions } from './fitTypes'
import { setupsFor } from './setups'

const shelf = demoShelf()
const pliers: Tool = {
  id: 'NP-3',
  name: 'Notch pliers',
  class: 'notch-pliers',
  nestsMm: [1.4, 2.2, 3],
  nestMarks: ['20', '16', '12'],
  source: { document: 'Bench list', basis: 'sheet' },
}
/** The demo's shelf with notch pliers besides; with or without its cards. */
const bench = (cards: boolean): Catalogue => ({
  ...shelf,
  tools: new Map([...shelf.tools, [pliers.id, pliers]]),
  ...(!cards && { rowsByContact: new Map() }),
})
const contactOf = (id: string): Contact => {
  const contact = shelf.contacts.get(id)
  if (!contact) throw new Error(id)
  return contact
}
const conditions = (rules: HouseRules): FitConditions => ({
  wire: { areaMm2: 0.25, insulationMm: 1.4 },
  ambientC: 20,
  rules,
  today: '2026-11-25',
})
const notch = { bundleMm: 1.1, notchMm: 1.3 }
const found = (catalogue: Catalogue, contact: string, rules: HouseRules) =>
  setupsFor(catalogue, contactOf(contact), conditions(rules), notch)

test('without a card a stamped contact is crimped in a nest that is tried, by notch pliers, by plain ones: in that order, each an estimate', () => {
  const all = found(bench(false), 'CS-ST-N', { ...houseRules['hobby-bench'], forbiddenToolClasses: [] })
  expect(all.map(({ setup, refused }) => [setup?.setup.tool, setup?.setup.nest, refused])).toEqual([
    ['NH-5', '1.2', undefined],
    ['NP-3', '20', undefined],
    ['PL-1', undefined, undefined],
  ])
  expect(all.every(({ setup }) => setup?.estimate)).toBe(true)
  expect(all.map(({ setup }) => setup?.notes.at(-1))).toEqual([
    { kind: 'nest-to-try', tool: 'NH-5' },
    { kind: 'by-pliers', tool: 'NP-3' },
    { kind: 'by-pliers', tool: 'PL-1' },
  ])
})

test('the house rules say who may use them: plain pliers not in the field, none of them under strict rules', () => {
  const field = found(bench(false), 'CS-ST-N', houseRules['field-repair'])
  expect(field.map(({ setup, refused }) => [setup?.setup.tool, refused?.kind])).toEqual([
    ['NH-5', undefined],
    ['NP-3', undefined],
    ['PL-1', 'rule'],
  ])
  expect(found(bench(false), 'CS-ST-N', houseRules['sheet-strict']).every(({ refused }) => refused)).toBe(true)
})

test('where a card’s own frame is at hand nobody is offered pliers; sealed wings and round barrels never are', () => {
  const pliersIn = (catalogue: Catalogue, contact: string) =>
    found(catalogue, contact, houseRules['hobby-bench']).filter(({ setup }) =>
      setup?.notes.some(({ kind }) => kind === 'by-pliers'),
    )
  expect(pliersIn(bench(true), 'BQ-SK-T')).toEqual([])
  expect(pliersIn(bench(false), 'BQ-SK-T')).not.toEqual([])
  // its card's frame is in no crib: pliers are better than nothing where the rules say so, and strict rules name the frame
  expect(pliersIn(bench(true), 'CS-ST-N')).not.toEqual([])
  expect(found(bench(true), 'CS-ST-N', houseRules['sheet-strict']).map(({ refused }) => refused)).toEqual([
    { kind: 'no-tool', areaMm2: 0.25, why: { kind: 'not-held', tools: ['PF-17'] } },
  ])
  expect(pliersIn(bench(false), 'SC-03-08')).toEqual([])
  expect(found(bench(false), 'CM-SK-N', houseRules['hobby-bench'])).toEqual([])
})
