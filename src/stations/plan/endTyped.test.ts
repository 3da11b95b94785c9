import { expect, test } from 'vitest'
import type { End, Wire } from '@/core/record/plan/plan'
import { endSchema } from '@/core/record/plan/schema'
import { endRead, housingNamed, renumbered, typedOf } from './endTyped'
import type { PlanShelf } from './planShelf'

const housing = { id: 'CM-3P', name: 'Three', ways: 3, keyings: ['K1', 'K2'], eitherGender: false }
const shelf = {
  housings: [housing, { ...housing, id: 'SW-2P', keyings: [], eitherGender: true }],
} as unknown as PlanShelf

test('an end that is opened and left as it is reads as it was', () => {
  const ends: readonly End[] = [
    { id: 'A', housing: 'CM-3P' },
    {
      id: 'A',
      housing: 'CM-3P',
      keying: 'K2',
      mate: 'B',
      matePlating: 'tin',
      jacketBackMm: 25,
      inPlace: true,
      note: 'left',
    },
    { id: 'A', housing: 'SW-2P', gender: 'pin' },
  ]
  for (const end of ends) expect(endSchema.parse(endRead(typedOf(end, 'X'), end, shelf))).toEqual(end)
})

test('a new end begins with a free name, and its housing is found in any case', () => {
  const typed = { ...typedOf(undefined, 'C'), housing: ' cm-3p ' }
  expect(housingNamed(shelf, typed.housing)?.id).toBe('CM-3P')
  expect(endSchema.parse(endRead(typed, undefined, shelf))).toEqual({ id: 'C', housing: 'CM-3P' })
})

test('what another housing does not have is not carried over to it', () => {
  const end: End = { id: 'A', housing: 'CM-3P', keying: 'K2' }
  expect(endRead({ ...typedOf(end, 'A'), housing: 'SW-2P', gender: 'pin' }, end, shelf)).not.toHaveProperty('keying')
  expect(endRead({ ...typedOf(end, 'A'), gender: 'pin' }, end, shelf)).not.toHaveProperty('gender')
})

test.each([
  ['25 mm', 25],
  ['2,5 cm', 25],
  ['1 in', 25],
])('a jacket that goes back %s is %s mm', (jacketBackMm, mm) => {
  const read = endRead({ ...typedOf({ id: 'A', housing: 'CM-3P' }, 'A'), jacketBackMm }, undefined, shelf)
  expect(endSchema.parse(read).jacketBackMm).toBe(mm)
})

test.each([
  ['a length that is none', { jacketBackMm: 'far' }, 'jacketBackMm'],
  ['a jacket longer than any', { jacketBackMm: '3 m' }, 'jacketBackMm'],
  ['a name with a space', { id: 'A 1' }, 'id'],
  ['no name', { id: ' ' }, 'id'],
  ['a housing that is nowhere', { housing: 'XX' }, 'housing'],
])('%s is refused at its field', (_what, typed, field) => {
  const read = endSchema.safeParse(
    endRead({ ...typedOf({ id: 'A', housing: 'CM-3P' }, 'A'), ...typed }, undefined, shelf),
  )
  expect(new Set(read.error?.issues.map((issue) => issue.path[0]))).toEqual(new Set([field]))
})

test('wires go with their cavities into another housing; what does not move is not written again', () => {
  const wire = (id: string, cavity: string, end = 'A'): Wire => ({
    id,
    type: 'TW-1',
    colour: 'RD',
    from: { kind: 'cavity', end, cavity },
    to: { kind: 'open' },
    lengthMm: 100,
  })
  const wires = [wire('W1', '1'), wire('W2', '2'), wire('W3', '1', 'B')]
  const moved = renumbered(
    wires,
    'A',
    new Map([
      ['1', '7'],
      ['2', '2'],
    ]),
  )
  expect(moved).toEqual([{ ...wire('W1', '7') }])
})
