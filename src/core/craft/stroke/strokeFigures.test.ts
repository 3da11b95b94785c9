import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { isSleeve, type Contact } from '../../parts/catalogue/types'
import { houseRules } from '../../parts/rules/houseRules'
import { strokeFigures } from './strokeFigures'

const contacts = [...demoShelf().contacts.values()]
const rules = houseRules['sheet-strict']
const stamped = contacts.find(({ construction }) => construction === 'open-barrel')
const ring = contacts.find((contact) => isSleeve(contact) && contact.shape === 'ring')
const setup = { tool: 'PF-10', die: 'D3', wireStopMm: 2 }

const reaching = (reachMm: number): Contact => {
  if (stamped?.construction !== 'open-barrel' || !stamped.barrel) throw new Error('no stamped contact')
  return { ...stamped, barrel: { ...stamped.barrel, reachMm } }
}

test('what was set at the bench counts before what the card says of the wire stop', () => {
  expect(strokeFigures(reaching(1), setup, rules).wireStopMm).toBe(2)
  expect(strokeFigures(reaching(1), setup, rules, 2.3).wireStopMm).toBe(2.3)
})

// sheet strict: 0.2 to 1.0 mm of brush
test.each([
  [2, { minMm: 0.2, maxMm: 1 }],
  [0.7, { minMm: 0.2, maxMm: 0.7 }],
])('with %f mm free before the mating part the brush shows as far as there is room', (reachMm, brush) => {
  expect(strokeFigures(reaching(reachMm), setup, rules).brush).toEqual(brush)
})

test('a lug shows what its shape asks for, and springs nowhere', () => {
  if (!ring) throw new Error('no ring')
  expect(strokeFigures(ring, { tool: 'NH-5', nest: '1.5' }, rules)).toMatchObject({
    nest: '1.5',
    brush: { minMm: 0.2, maxMm: 1 },
    springs: false,
  })
})
