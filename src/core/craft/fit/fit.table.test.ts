import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { houseRules, type ShippedRulesId } from '../../parts/rules/houseRules'
import { isSleeve } from '../../parts/catalogue/types'
import { fit, fitTerminals } from './fit'
import type { FitQuery, FitWire } from './fitTypes'

const shelf = demoShelf()
const today = '2026-11-25'

interface More {
  readonly A?: number
  readonly C?: number
  readonly mate?: 'gold' | 'tin'
  readonly rules?: ShippedRulesId
  readonly gender?: 'pin' | 'socket'
  /** a second wire: mm², insulation mm */
  readonly also?: readonly [number, number]
}

const wireOf = (areaMm2: number, insulationMm: number, more: More): FitWire => ({
  areaMm2,
  insulationMm,
  ...(more.A !== undefined && { currentA: more.A }),
})

function ask(housingId: string, cavityId: string, areaMm2: number, insulationMm: number, more: More): FitQuery {
  const housing = shelf.housings.get(housingId)
  const cavity = housing?.cavities.find((one) => one.id === cavityId)
  if (!housing || !cavity) throw new Error(`${housingId}.${cavityId}`)
  return {
    housing,
    cavity,
    wire: wireOf(areaMm2, insulationMm, more),
    ambientC: more.C ?? 20,
    rules: houseRules[more.rules ?? 'sheet-strict'],
    today,
    ...(more.mate && { matePlating: more.mate }),
    ...(more.gender && { gender: more.gender }),
    ...(more.also && { also: { areaMm2: more.also[0], insulationMm: more.also[1] } }),
  }
}

/** `fits`, or the code of the first check that fails, for a contact (and seal). Each can be seen from the demo sheets by hand. */
test.each<[string, string, number, number, string, string, More?]>([
  // Celadon S: 0.14 to 0.5 mm², mat 1.0 to 2.0 mm, bore 2.6, 5 A
  ['CS-14P', '1', 0.5, 1.6, 'CS-SK-N', 'fits'],
  ['CS-14P', '1', 0.14, 1.0, 'CS-SK-N', 'fits'],
  ['CS-14P', '1', 0.13, 1.2, 'CS-SK-N', 'conductor-small'],
  ['CS-14P', '1', 0.51, 1.6, 'CS-SK-N', 'conductor-large'],
  ['CS-14P', '1', 0.5, 0.99, 'CS-SK-N', 'seal-leaks'],
  ['CS-14P', '1', 0.5, 2.01, 'CS-SK-N', 'seal-tears'],
  ['CS-14P', '1', 0.5, 1.6, 'CS-PN-N', 'gender'],
  ['CS-14R', '1', 0.5, 1.6, 'CS-PN-N', 'fits'],
  ['CS-14R', '1', 0.5, 1.6, 'CS-SK-N', 'gender'],
  ['CS-14P', '1', 0.5, 1.6, 'CS-SK-N', 'current', { A: 5.1 }],
  ['CS-14P', '1', 0.5, 1.6, 'CS-SK-N', 'fits', { A: 5 }],
  // 5 × √(35/105) = 2.89 A at 90 °C
  ['CS-14P', '1', 0.5, 1.6, 'CS-SK-N', 'current', { A: 2.9, C: 90 }],
  ['CS-14P', '1', 0.5, 1.6, 'CS-SK-N', 'fits', { A: 2.8, C: 90 }],
  ['CS-14P', '1', 0.5, 1.6, 'CS-SK-G', 'plating', { mate: 'tin' }],
  ['CS-14P', '1', 0.5, 1.6, 'CS-SK-G', 'fits', { mate: 'gold' }],
  // stamped: wings hold 1.1 to 1.9; its die is not in the crib
  ['CS-14P', '1', 0.5, 1.95, 'CS-ST-N', 'insulation-support'],
  ['CS-14P', '1', 0.5, 1.6, 'CS-ST-N', 'no-tool'],
  // Celadon M: 0.4 to 1.6 mm², mat 1.5 to 3.1
  ['CM-10P', '1', 1.6, 2.6, 'CM-SK-N', 'fits'],
  ['CM-10P', '1', 1.61, 2.6, 'CM-SK-N', 'conductor-large'],
  ['CM-10P', '1', 0.39, 1.6, 'CM-SK-N', 'conductor-small'],
  ['CM-10P', '1', 0.5, 1.45, 'CM-SK-N', 'seal-leaks'],
  ['CM-10P', '1', 1.5, 3.15, 'CM-SK-N', 'seal-tears'],
  ['CM-10P', '1', 1.5, 2.6, 'CM-SK-N', 'current', { A: 11.2 }],
  // a wire of half the range folded back, where the rules let it
  ['CM-10P', '1', 0.25, 1.6, 'CM-SK-N', 'fits', { rules: 'field-repair' }],
  ['CM-10P', '1', 0.15, 1.6, 'CM-SK-N', 'conductor-small', { rules: 'field-repair' }],
  // Celadon L: 2 to 5 mm² in 1 and 2, the small size in 3 to 5
  ['CL-5P', '1', 2.5, 3.1, 'CL-SK-N', 'fits'],
  ['CL-5P', '3', 2.5, 3.1, 'CL-SK-N', 'cavity'],
  ['CL-5P', '3', 1.0, 2.1, 'CL-SK18-N', 'fits'],
  ['CL-5P', '1', 1.0, 2.7, 'CL-SK-N', 'conductor-small'],
  ['CL-3P', '2', 4, 4.7, 'CL-SK-N', 'seal-tears'],
  ['CL-3P', '2', 4, 3.8, 'CL-SK-N', 'fits', { A: 28 }],
  // Slipware: two barrels, three seals of its own
  ['SW-7P', '1', 0.5, 1.6, 'SC-03-08+SL-18', 'fits'],
  ['SW-7P', '1', 0.5, 1.5, 'SC-03-08+SL-18', 'seal-leaks'],
  ['SW-7P', '1', 0.5, 1.5, 'SC-03-08+SL-14', 'fits'],
  ['SW-7P', '1', 0.5, 1.6, 'SC-03-08+SL-14', 'seal-tears'],
  ['SW-7P', '1', 0.85, 1.9, 'SC-03-08', 'conductor-large'],
  ['SW-7P', '1', 0.85, 1.9, 'SC-09-18', 'conductor-small'],
  ['SW-7P', '1', 1.5, 2.75, 'SC-09-18+SL-24', 'fits'],
  ['SW-7R', '1', 1.5, 2.6, 'SP-09-18+SL-24', 'fits'],
  ['SW-7P', '1', 1.5, 2.6, 'SC-09-18+SL-24', 'current', { A: 12.1 }],
  ['SW-7P', '1', 0.5, 1.6, 'SC-03-08+SL-18', 'plating', { mate: 'gold' }],
  // Bisque: one stamped contact, wings 0.7 to 1.5, bore 1.75
  ['BQ-14P', '9', 0.14, 0.95, 'BQ-SK-T', 'fits'],
  ['BQ-14P', '9', 0.05, 0.75, 'BQ-SK-T', 'conductor-small'],
  ['BQ-14P', '9', 0.22, 1.55, 'BQ-SK-T', 'insulation-support'],
  ['BQ-4P', '2', 0.22, 1.1, 'BQ-SK-T', 'current', { A: 2.3 }],
  // Shard: pin and socket in one housing; only a nest tool crimps it
  ['SH-2x5', '3', 0.14, 0.95, 'SH-SK-T', 'rule'],
  ['SH-2x5', '3', 0.14, 0.95, 'SH-SK-T', 'fits', { rules: 'field-repair' }],
  ['SH-2x5', '3', 0.14, 0.95, 'SH-PN-T', 'fits', { rules: 'field-repair' }],
  ['SH-2x5', '3', 0.14, 0.95, 'SH-PN-T', 'gender', { rules: 'field-repair', gender: 'socket' }],
  ['SH-2x5', '3', 0.25, 1.1, 'SH-SK-T', 'conductor-large', { rules: 'field-repair' }],
  // Stoneware
  ['ST-3P', '1', 16, 7.8, 'ST-SK-66', 'fits', { A: 80 }],
  ['ST-3P', '1', 16, 7.8, 'ST-SK-45', 'cavity'],
  ['ST-6P', '3', 6, 5.2, 'ST-SK-45', 'fits', { A: 38 }],
  ['ST-6P', '3', 16, 6.0, 'ST-SK-45', 'conductor-large'],
  ['ST-3P', '1', 16, 9.3, 'ST-SK-66', 'seal-tears'],
  // Raku: three barrels for two sizes
  ['RK-20P', 'A', 0.5, 1.6, 'RK-SK-B', 'fits'],
  ['RK-20P', 'A', 0.14, 1.0, 'RK-SK-A', 'fits'],
  ['RK-20P', 'A', 0.14, 1.0, 'RK-SK-B', 'conductor-small'],
  ['RK-20P', 'A', 1.0, 2.1, 'RK-SK-C', 'cavity'],
  ['RK-20P', 'U', 1.0, 2.1, 'RK-SK-C', 'fits'],
  ['RK-20R', 'U', 1.0, 2.1, 'RK-PN-C', 'fits'],
  ['RK-7P', 'A', 0.5, 2.2, 'RK-SK-B', 'seal-tears'],
  // Lustre: self-piercing mat 1.2 to 2.2
  ['LU-27P', '19', 0.5, 1.6, 'LU-SK-T', 'fits'],
  ['LU-27P', '19', 0.35, 1.15, 'LU-SK-T', 'insulation-support'],
  ['LU-27P', '19', 0.8, 2.0, 'LU-SK-T', 'conductor-large'],
  // Majolica: two contacts, alike to the eye
  ['MJ-33P', '12', 0.5, 1.6, 'MJ-SK-A', 'fits'],
  ['MJ-33P', '12', 0.5, 1.6, 'MJ-SK-B', 'conductor-small'],
  ['MJ-33P', '12', 1.0, 2.1, 'MJ-SK-B', 'fits'],
  ['MJ-33P', '12', 0.6, 1.7, 'MJ-SK-A', 'conductor-large'],
  // Crackle: unsealed, two wires allowed by its card; measured here, a nest tool
  ['CK-4P', '2', 1.5, 2.6, 'CK-SK', 'rule'],
  ['CK-4P', '2', 1.5, 2.6, 'CK-SK', 'fits', { rules: 'hobby-bench' }],
  ['CK-4P', '2', 1.0, 2.1, 'CK-SK', 'fits', { rules: 'hobby-bench', also: [1.0, 2.1] }],
  ['CK-4P', '2', 1.5, 2.1, 'CK-SK', 'conductor-large', { rules: 'hobby-bench', also: [1.0, 2.1] }],
  // a sealed cavity takes one insulation, and few sheets allow two wires
  ['CM-10P', '1', 0.5, 1.6, 'CM-SK-N', 'two-wires', { also: [0.5, 1.6] }],
  ['BQ-4P', '1', 0.08, 0.75, 'BQ-SK-T', 'two-wires', { also: [0.08, 0.75] }],
  // clamps take ferrules of any family, 0.2 to 2.5 mm² in a mouth of 2.8 mm; studs take rings and forks of their own size
  ['TB-6', '2', 1.0, 2.1, 'FE-1.0', 'fits', { rules: 'field-repair' }],
  ['TB-6', '2', 1.0, 2.1, 'FE-0.75', 'conductor-large', { rules: 'field-repair' }],
  ['TB-6', '2', 1.0, 2.1, 'FE-4', 'bore', { rules: 'field-repair' }],
  ['TB-6', '2', 1.0, 2.1, 'RG-1-4', 'shape', { rules: 'field-repair' }],
  ['TB-6', '2', 4.0, 3.5, 'FE-4', 'clamp', { rules: 'field-repair' }],
  ['TB-4H', '2', 4.0, 3.5, 'FE-4', 'fits', { rules: 'field-repair' }],
  ['SB-1', '1', 0.5, 1.6, 'RG-1-4', 'no-tool', { rules: 'field-repair' }],
  ['SB-1', '1', 0.5, 1.6, 'FK-1-4', 'no-tool', { rules: 'field-repair' }],
  ['SB-1', '1', 0.5, 1.6, 'RG-1-5', 'stud', { rules: 'field-repair' }],
  ['SB-1', '1', 0.5, 1.6, 'FE-0.5', 'shape', { rules: 'field-repair' }],
])('%s.%s, %f mm² in %f mm: %s %s', (housing, cavity, areaMm2, insulationMm, candidate, expected, more = {}) => {
  const found = fit(shelf, ask(housing, cavity, areaMm2, insulationMm, more))
  const name = (one: { readonly contact: { readonly id: string }; readonly seal?: { readonly id: string } }) =>
    `${one.contact.id}${one.seal ? `+${one.seal.id}` : ''}`
  const verdict = found.sets.some((one) => name(one) === candidate)
    ? 'fits'
    : found.rejected.find((one) => name(one) === candidate)?.reason.kind
  expect(verdict).toBe(expected)
})

test.each<[string, number, number, string, More?]>([
  ['FE-0.5', 0.5, 1.6, 'rule'],
  ['FE-0.5', 0.5, 1.6, 'fits', { rules: 'field-repair' }],
  ['FE-0.5', 0.75, 1.85, 'conductor-large', { rules: 'field-repair' }],
  ['FE-1.0', 1.0, 2.9, 'insulation-support', { rules: 'field-repair' }],
  ['RG-1-4', 1.0, 2.1, 'no-tool'],
  ['RG-1-4', 0.25, 1.1, 'conductor-small'],
  ['RG-1-4', 1.5, 2.6, 'current', { A: 12.5 }],
  ['BT-2', 2.5, 3.1, 'no-tool'],
])('terminal %s on %f mm² in %f mm: %s', (id, areaMm2, insulationMm, expected, more = {}) => {
  const terminal = shelf.contacts.get(id)
  if (!terminal || !isSleeve(terminal)) throw new Error(id)
  const found = fitTerminals(shelf, [terminal], {
    wire: wireOf(areaMm2, insulationMm, more),
    ambientC: more.C ?? 20,
    rules: houseRules[more.rules ?? 'sheet-strict'],
    today,
  })
  expect(found.sets.length > 0 ? 'fits' : found.rejected[0]?.reason.kind).toBe(expected)
})
