import fc from 'fast-check'
import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../../record/plan/pinoutOf.testing'
import { catalogueSchema } from '../../parts/catalogue/schema'
import { fitWire } from '../../record/plan/facts'
import { emptyPlan, type Plan } from '../../record/plan/plan'
import { houseRules, type ShippedRulesId } from '../../parts/rules/houseRules'
import { currentReason, uncheckedOf } from './checks'
import { allowedCurrentA, loadedC } from './current'
import { chooseSets } from '../../work/kit/chooseSets'
import { bestSet, fit } from './fit'
import { fitOrder, type FitQuery, type FitWire } from './fitTypes'
import { remedies } from '../../work/kit/remedies'
import { pullFromSheet, pullFromTable, strandsBreakAtN } from './requiredPull'

const shelf = demoShelf()
const today = '2026-11-25'

function query(
  housingId: string,
  cavityId: string,
  wire: FitWire | string,
  more: Partial<FitQuery> & { rulesId?: ShippedRulesId } = {},
): FitQuery {
  const housing = shelf.housings.get(housingId)
  const cavity = housing?.cavities.find((one) => one.id === cavityId)
  const type = typeof wire === 'string' ? shelf.wireTypes.get(wire) : undefined
  if (!housing || !cavity) throw new Error(`${housingId}.${cavityId}`)
  return {
    housing,
    cavity,
    wire: type ? fitWire(type) : (wire as FitWire),
    ambientC: 20,
    rules: houseRules[more.rulesId ?? 'sheet-strict'],
    today,
    ...more,
  }
}

const reasons = (asked: FitQuery) =>
  Object.fromEntries(
    fit(shelf, asked).rejected.map((one) => [`${one.contact.id}${one.seal ? `+${one.seal.id}` : ''}`, one.reason.kind]),
  )

test('0.5 mm² in a Celadon M plug: nickel socket, QF-5 with QP-2 at 7, strip 5.5 to 6.2', () => {
  const [best] = fit(shelf, query('CM-10P', '1', 'TW-0.5')).sets
  expect(best?.contact.id).toBe('CM-SK-N')
  expect(best?.setups).toHaveLength(1)
  expect(best?.setups[0]?.setup).toEqual({ tool: 'QF-5', positioner: 'QP-2', selector: 7, notchMm: 1.1 })
  expect(best?.setups[0]?.strip.minMm).toBeCloseTo(5.5, 9)
  expect(best?.setups[0]?.strip.maxMm).toBeCloseTo(6.2, 9)
  expect(best?.pull).toEqual({ forceN: 60, basis: 'sheet' })
})

test('a low-level signal gets gold, power gets nickel', () => {
  const best = (currentA: number) =>
    fit(shelf, query('CM-10P', '1', { areaMm2: 0.5, insulationMm: 1.6, currentA })).sets[0]?.contact.plating
  expect(best(0.02)).toBe('gold')
  expect(best(3)).toBe('nickel')
})

test('rubber insulation of 2.95 mm is out of every Slipware seal, each with its own figure', () => {
  const asked = query('SW-7P', '3', 'RW-1.5')
  const { sets, rejected } = fit(shelf, asked)
  expect(sets).toEqual([])
  expect(rejected[0]).toMatchObject({
    seal: { id: 'SL-24' },
    reason: { kind: 'seal-tears', insulationMm: 2.95, maxMm: 2.75, by: 'seal' },
  })
  expect(reasons(asked)).toEqual({
    'SC-09-18+SL-24': 'seal-tears',
    'SC-09-18+SL-18': 'seal-tears',
    'SC-09-18+SL-14': 'seal-tears',
    'SC-03-08': 'conductor-large',
    'SP-03-08': 'gender',
    'SP-09-18': 'gender',
  })
})

test.each<[string, FitQuery, string, string]>([
  ['a thin wire leaks in the mat', query('CM-10P', '1', { areaMm2: 0.5, insulationMm: 1.3 }), 'CM-SK-N', 'seal-leaks'],
  ['a thick one tears it', query('CM-10P', '1', { areaMm2: 0.5, insulationMm: 3.3 }), 'CM-SK-N', 'seal-tears'],
  ['too little copper', query('CM-10P', '1', { areaMm2: 0.25, insulationMm: 1.6 }), 'CM-SK-N', 'conductor-small'],
  ['too much', query('CS-14P', '1', { areaMm2: 0.75, insulationMm: 1.6 }), 'CS-SK-N', 'conductor-large'],
  ['a pin in a plug', query('CM-10P', '1', 'TW-0.5'), 'CM-PN-N', 'gender'],
  [
    'more than it carries',
    query('CM-10P', '1', { areaMm2: 0.5, insulationMm: 1.6, currentA: 11.5 }),
    'CM-SK-N',
    'current',
  ],
  [
    'hot',
    query('CM-10P', '1', { areaMm2: 0.5, insulationMm: 1.6, currentA: 8 }, { ambientC: 90 }),
    'CM-SK-N',
    'current',
  ],
  ['gold against tin', query('CM-10P', '1', 'TW-0.5', { matePlating: 'tin' }), 'CM-SK-G', 'plating'],
  ['past its date under strict rules', query('CM-10P', '1', 'TW-0.5', { today: '2027-06-01' }), 'CM-SK-N', 'rule'],
])('%s: %s', (_what, asked, contact, code) => {
  expect(reasons(asked)[contact]).toBe(code)
})

test('field rules let the plain tool in, noted, and behind the calibrated frame', () => {
  const [best] = fit(shelf, query('CM-10P', '1', 'TW-0.5', { rulesId: 'field-repair' })).sets
  expect(best?.setups.map((one) => one.setup.tool)).toEqual(['QF-5', 'QF-1'])
  expect(best?.setups[1]?.notes.map((note) => note.kind)).toEqual(['uncalibrated-tool', 'setting-estimated'])
})

test('an estimated height says so, a die card’s own does not; where no estimate is allowed there is none', () => {
  const setup = (wire: string, rulesId?: ShippedRulesId) =>
    fit(shelf, query('SW-7P', '1', wire, rulesId && { rulesId })).sets[0]?.setups[0]
  expect(setup('TW-1.0')?.height).toEqual({ minMm: 1.24, maxMm: 1.38, estimate: false })
  expect(setup('TW-0.75')?.height).toBeUndefined()
  expect(setup('TW-0.75', 'field-repair')?.height?.estimate).toBe(true)
  expect(setup('TW-0.75', 'field-repair')?.notes).toContainEqual({ kind: 'height-estimated' })
})

test('a contact at 90 °C carries 11 × √(35/105) A, and never more than its rating', () => {
  const rated = { ratedA: 11, maxC: 125, refC: 20 }
  expect(allowedCurrentA(rated, 90)).toBeCloseTo(11 * Math.sqrt(35 / 105), 9)
  expect(allowedCurrentA(rated, -40)).toBe(11)
  expect(allowedCurrentA(rated, 125)).toBe(0)
  // without a highest temperature it is held against its plain rating all the same
  expect(allowedCurrentA({ ratedA: 11, refC: 20 }, 90)).toBe(11)
  expect(allowedCurrentA({ refC: 20, maxC: 125 }, 90)).toBeUndefined()
})

test('a reference above the highest temperature is refused by the schema, with where it stands', () => {
  const contact = { ratedA: 11, refC: 130, maxC: 125 }
  const wireType = { ...shelf.wireTypes.get('TW-1.0'), refC: 20, maxC: 20 }
  const read = catalogueSchema.safeParse({ format: 'urn-bench/catalogue', version: 1, wireTypes: [wireType] })
  expect(read.success ? [] : read.error.issues.map((one) => [one.path.join('.'), one.message])).toEqual([
    ['wireTypes.0.refC', 'must be below the highest temperature of 20 °C'],
  ])
  // what such a rating gives is no number: that is why
  expect(allowedCurrentA(contact, 128)).toBe(0)
})

test('whatever a schema takes, a derated current is a number from 0 to its rating', () => {
  const rating = fc
    .record({ ratedA: fc.double({ min: 0.01, max: 500, noNaN: true }), refC: fc.integer({ min: -40, max: 100 }) })
    .chain((one) => fc.integer({ min: one.refC + 1, max: 400 }).map((maxC) => ({ ...one, maxC })))
  fc.assert(
    fc.property(rating, fc.double({ min: -100, max: 500, noNaN: true }), (one, ambientC) => {
      const allowedA = allowedCurrentA(one, ambientC) ?? NaN
      expect(allowedA).toBeGreaterThanOrEqual(0)
      expect(allowedA).toBeLessThanOrEqual(one.ratedA)
    }),
  )
})

test('a conductor at its rating is as warm as it may be, at half of it a quarter of the way', () => {
  const rated = { ratedA: 10, maxC: 120, refC: 20 }
  expect([10, 5, 0].map((loadA) => loadedC(rated, 20, loadA))).toEqual([120, 45, 20])
  expect(loadedC({ ratedA: 10, refC: 20 }, 20, 5)).toBeUndefined()
})

test('a load above a rating that is not derated is refused, and one below it says that it was not derated', () => {
  const bare = shelf.contacts.get('CM-SK-N')
  if (!bare) throw new Error('CM-SK-N')
  const { maxC: _none, ...plain } = { ...bare, ratedA: 11 }
  const loaded = (currentA: number) =>
    query('CM-3P', '1', { areaMm2: 0.5, insulationMm: 2, currentA }, { ambientC: 100 })
  expect(currentReason(plain, loaded(12))).toMatchObject({ kind: 'current', allowedA: 11 })
  expect(currentReason(plain, loaded(10))).toBeUndefined()
  expect(uncheckedOf(plain, loaded(10))).toContain('derating')
})

test('the contact’s sheet comes before the table; outside both there is no figure', () => {
  const contact = shelf.contacts.get('CM-SK-N')
  const bare = shelf.contacts.get('SC-09-18')
  if (!contact || !bare) throw new Error('demo contacts')
  expect(pullFromSheet(contact, { areaMm2: 0.6 })).toEqual({ forceN: 85, basis: 'sheet' })
  expect(pullFromSheet(bare, { areaMm2: 1.5 })).toBeUndefined()
  expect(pullFromTable(bare, { areaMm2: 1.5 }, 'iec-60352-2')).toEqual({
    forceN: 150,
    basis: 'table',
    table: 'iec-60352-2',
  })
  expect(pullFromTable(bare, { areaMm2: 1.5 }, 'ul-486a')).toMatchObject({ basis: 'general' })
  expect(pullFromTable(bare, { areaMm2: 16 }, 'iec-60352-2')).toBeUndefined()
})

test('a ring is inside the scope of a table of terminals, whatever the table is to a contact', () => {
  const ring = shelf.contacts.get('RG-1-4')
  if (!ring) throw new Error('the demo has a ring')
  expect(pullFromTable(ring, { areaMm2: 0.5, awg: '20' }, 'ul-486a')).toEqual({
    forceN: 58,
    basis: 'table',
    table: 'ul-486a',
  })
})

test.each([
  // 230 N/mm² of 0.06 mm² are 13.8 N
  [15, 0.06, 13],
  [15, 0.2, undefined],
  [15, undefined, undefined],
])('of %i N asked, strands of %s mm² hold only %s', (forceN, metalMm2, holdsN) => {
  expect(strandsBreakAtN({ forceN, basis: 'table', table: 'iec-60352-2' }, metalMm2)).toBe(holdsN)
})

const loom = (): Plan => {
  const csv =
    'wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,RW-1.5,BN,A,1,D,3,2350\nW2,TW-0.5,RD,A,2,D,4,2350'
  const plan = pinoutOf(csv, { A: 'CM-10P', D: 'SW-7P' })
  return { ...emptyPlan, ends: [...plan.ends], wires: [...plan.wires] }
}

test('the blocked side has no set, the others their best; the way out is the thin-wall wire of the same size', () => {
  const plan = loom()
  const choices = chooseSets(shelf, plan, new Map(), today)
  expect(
    choices.map((one) => `${one.wire}${one.side} ${one.set?.contact ?? 'none'} ${one.set?.seal ?? ''}`.trim()),
  ).toEqual(['W1a CM-SK-N', 'W1b none', 'W2a CM-SK-N', 'W2b SC-03-08 SL-18'])
  const [wire] = plan.wires
  const found = wire ? remedies(shelf, plan, wire, 'b', today) : []
  expect(found.map((one) => `${one.wireType.id} ${one.set.contact.id} ${one.set.seal?.id ?? ''}`)).toEqual([
    'TW-1.5 SC-09-18 SL-24',
  ])
})

test('whatever the wire, each candidate is in or out with a code of the order, and the quick way finds the same best set', () => {
  const wires = fc.record({
    areaMm2: fc.double({ min: 0.05, max: 3, noNaN: true }),
    insulationMm: fc.double({ min: 0.8, max: 4, noNaN: true }),
    currentA: fc.option(fc.double({ min: 0.01, max: 30, noNaN: true }), { nil: undefined }),
  })
  const places = fc.constantFrom(
    ['CM-10P', '1'] as const,
    ['CS-14P', '5'] as const,
    ['SW-7P', '2'] as const,
    ['CM-10R', '3'] as const,
  )
  fc.assert(
    fc.property(
      wires,
      places,
      fc.constantFrom<ShippedRulesId>('sheet-strict', 'field-repair', 'hobby-bench'),
      (wire, [housing, cavity], rulesId) => {
        const asked = query(housing, cavity, wire, { rulesId })
        const { sets, rejected } = fit(shelf, asked)
        const seen = new Set([...sets.map((one) => one.contact.id), ...rejected.map((one) => one.contact.id)])
        expect(seen.size).toBe(shelf.contactsByFamily.get(asked.housing.family)?.length)
        expect(rejected.every((one) => fitOrder.includes(one.reason.kind))).toBe(true)
        expect(bestSet(shelf, asked)).toEqual(sets[0])
      },
    ),
  )
})
