import { expect, test } from 'vitest'
import { BurstReader } from './keyModel'

/** Types keys at a pace and gives every outcome. */
const type = (reader: BurstReader, keys: readonly string[], everyMs: number, fromMs = 0) =>
  keys.map((key, i) => reader.press(key, fromMs + i * everyMs))

test('a hand’s keys are pending one by one', () => {
  const reader = new BurstReader()
  expect(type(reader, ['j', 'j', ' '], 80).map((outcome) => outcome.kind)).toEqual(['pending', 'pending', 'pending'])
  expect(reader.inBurst).toBe(false)
})

test('a scanner’s keys are one message at its Enter, and no shortcut', () => {
  const reader = new BurstReader()
  const outcomes = type(reader, ['W', '0', '7', 'Enter'], 8)
  expect(outcomes.at(-1)).toEqual({ kind: 'burst', text: 'W07' })
  expect(outcomes.slice(1, -1).every((outcome) => outcome.kind === 'nothing')).toBe(true)
  expect(reader.inBurst).toBe(true)
})

test('a figure from callipers keeps its dot; the next hand key is a hand’s again', () => {
  const reader = new BurstReader()
  expect(type(reader, ['1', '.', '2', '4', 'Enter'], 10).at(-1)).toEqual({ kind: 'burst', text: '1.24' })
  expect(reader.press('x', 5000)).toEqual({ kind: 'pending', key: 'x' })
  expect(reader.inBurst).toBe(false)
})

test('two keys struck at once by a hand do nothing', () => {
  const reader = new BurstReader()
  expect(type(reader, ['j', 'k'], 10).map((outcome) => outcome.kind)).toEqual(['pending', 'nothing'])
})
