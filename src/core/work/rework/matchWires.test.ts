import { expect, test } from 'vitest'
import type { Wire } from '../../record/plan/plan'
import { matchWires } from './matchWires'

const wire = (id: string, signal: string | undefined, cavity: string): Wire => ({
  id,
  type: 'TW-0.5',
  colour: 'RD',
  from: { kind: 'cavity', end: 'A', cavity },
  to: { kind: 'open' },
  lengthMm: 500,
  ...(signal !== undefined && { signal }),
})

test('by signal first, whatever the number; then by number; the rest is new or gone', () => {
  const present = [
    wire('1', 'supply', '1'),
    wire('2', 'return', '2'),
    wire('3', undefined, '3'),
    wire('4', 'heater', '4'),
  ]
  const matched = matchWires(present, [
    wire('10', 'Return ', '5'),
    wire('1', 'supply', '6'),
    wire('3', undefined, '7'),
    wire('5', 'pulse', '8'),
  ])
  expect(matched.wires.map((one) => [one.id, one.from])).toEqual([
    ['2', { kind: 'cavity', end: 'A', cavity: '5' }],
    ['1', { kind: 'cavity', end: 'A', cavity: '6' }],
    ['3', { kind: 'cavity', end: 'A', cavity: '7' }],
    ['5', { kind: 'cavity', end: 'A', cavity: '8' }],
  ])
  expect([...matched.by]).toEqual([
    ['2', 'signal'],
    ['1', 'signal'],
    ['3', 'number'],
    ['5', 'new'],
  ])
  expect(matched.gone).toEqual(['4'])
})

test('a signal that two wires have tells nothing: the numbers do', () => {
  const present = [wire('1', 'supply', '1'), wire('2', 'supply', '2')]
  expect([...matchWires(present, [wire('2', 'supply', '1'), wire('1', 'supply', '2')]).by]).toEqual([
    ['2', 'number'],
    ['1', 'number'],
  ])
})

test('the same number with another signal is another wire, under a number of its own', () => {
  const matched = matchWires([wire('1', 'heater', '1')], [wire('1', 'pulse', '2')])
  expect(matched.wires.map((one) => one.id)).toEqual(['1-2'])
  expect([...matched.by]).toEqual([['1-2', 'new']])
  expect(matched.gone).toEqual(['1'])
})

test('a hand goes before signal and number; who loses its wire by it is looked for again', () => {
  const present = [wire('1', 'supply', '1'), wire('2', 'return', '2')]
  const wanted = [wire('1', 'supply', '1'), wire('7', 'spare', '2')]
  const matched = matchWires(present, wanted, new Map([['7', '1']]))
  expect(matched.wires.map((one) => one.id)).toEqual(['1-2', '1'])
  expect([...matched.by]).toEqual([
    ['1-2', 'new'],
    ['1', 'hand'],
  ])
  expect(matched.gone).toEqual(['2'])
})

test('what a hand calls new is new, though its signal is there', () => {
  const matched = matchWires([wire('1', 'supply', '1')], [wire('1', 'supply', '2')], new Map([['1', null]]))
  expect([...matched.by]).toEqual([['1-2', 'new']])
  expect(matched.gone).toEqual(['1'])
})
