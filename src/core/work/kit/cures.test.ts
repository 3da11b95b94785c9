import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { cureWords } from '@/words/fit'
import { houseRules } from '../../parts/rules/houseRules'
import { withCures, type Cure } from './cures'
import { fit } from '../../craft/fit/fit'
import type { FitQuery } from '../../craft/fit/fitTypes'

const shelf = demoShelf()
const ask = (housingId: string, areaMm2: number, insulationMm: number, currentA?: number): FitQuery => {
  const housing = shelf.housings.get(housingId)
  const cavity = housing?.cavities[0]
  if (!housing || !cavity) throw new Error(housingId)
  return {
    housing,
    cavity,
    wire: { areaMm2, insulationMm, ...(currentA !== undefined && { currentA }) },
    ambientC: 20,
    rules: houseRules['sheet-strict'],
    today: '2026-11-25',
  }
}
const cures = (query: FitQuery) =>
  new Map(
    withCures(shelf, query, fit(shelf, query).rejected).map((one) => [
      `${one.contact.id}${one.seal ? `+${one.seal.id}` : ''}`,
      one.cure,
    ]),
  )

test.each<[string, FitQuery, string, Cure | undefined]>([
  ['the wrong seal: another of the family', ask('SW-7P', 0.5, 1.6), 'SC-03-08+SL-14', { kind: 'seal', seal: 'SL-18' }],
  [
    'no seal takes it: a thinner wire of the same size',
    ask('SW-7P', 1.5, 2.95),
    'SC-09-18+SL-24',
    { kind: 'wire-type', wireType: 'TW-1.5' },
  ],
  [
    'too thin for the mat: a thicker wire',
    ask('CM-10P', 0.5, 1.3),
    'CM-SK-N',
    { kind: 'wire-type', wireType: 'TW-0.5' },
  ],
  ['a clamp takes terminals of all families: no other family is a cure', ask('TB-6', 1.0, 2.1), 'FE-0.75', undefined],
  ['another barrel of the same size', ask('SW-7P', 1.0, 2.1), 'SC-03-08', { kind: 'contact', contact: 'SC-09-18' }],
  [
    'too little copper for the size: the smaller size of the same system',
    ask('CM-10P', 0.25, 1.6),
    'CM-SK-N',
    { kind: 'family', family: 'celadon-s', size: 'C11' },
  ],
  [
    'too much current: the next size of the same system',
    ask('CM-10P', 2.5, 3.0, 20),
    'CM-SK-N',
    { kind: 'family', family: 'celadon-l', size: 'C29' },
  ],
  ['the other gender is no near miss', ask('CM-10P', 0.5, 1.6), 'CM-PN-N', undefined],
])('%s', (_what, query, candidate, cure) => {
  expect(cures(query).get(candidate)).toEqual(cure)
})

test('among those that fell at one stage the easier cure comes first', () => {
  const query = ask('SW-7P', 0.5, 1.6)
  const ranked = withCures(shelf, query, fit(shelf, query).rejected)
  const first = ranked.findIndex((one) => one.cure?.kind === 'seal')
  expect(first).toBeGreaterThanOrEqual(0)
  expect(ranked.map((one) => one.reason.kind)).toEqual(fit(shelf, query).rejected.map((one) => one.reason.kind))
})

test('a cure that is another wire or seal does make a set work', () => {
  for (const query of [ask('SW-7P', 1.5, 2.95), ask('CM-10P', 0.5, 1.3), ask('CS-14P', 0.5, 2.2)]) {
    for (const one of withCures(shelf, query, fit(shelf, query).rejected)) {
      const type = one.cure?.kind === 'wire-type' ? shelf.wireTypes.get(one.cure.wireType) : undefined
      if (type)
        expect(
          fit(shelf, { ...query, wire: { ...query.wire, insulationMm: type.insulationMm } }).sets.length,
        ).toBeGreaterThan(0)
    }
  }
})

test('cures in words', () => {
  expect(cureWords({ kind: 'family', family: 'celadon-l', size: 'C29' }, () => 'Celadon L')).toBe('Celadon L, size C29')
  expect(cureWords({ kind: 'seal', seal: 'SL-18' }, String)).toBe('seal SL-18')
})
