import { expect, test } from 'vitest'
import { fail, ok } from '@/core/base/result'
import { readPinoutFile, titleOfFile } from './readPinoutFile'

const file = (text: string, name = 'loom.csv') => new File([text], name)
const readText = async (one: File) => ok(await one.text())

test('a pinout in CSV is its text, also with letters of any land', async () => {
  const text = 'wire,note\nW1,größe\n'
  expect(await readPinoutFile(file(text), readText)).toEqual({ ok: true, value: text })
})

test('what somebody chose not to read, or is no text, is not read', async () => {
  expect(await readPinoutFile(file('x'), () => Promise.resolve(fail(undefined)))).toEqual(fail(undefined))
})

test('a file that is larger than any pinout is not read', async () => {
  const read = await readPinoutFile(file('x'.repeat(5 * 1024 * 1024 + 1), 'all.csv'), readText)
  expect(read.ok ? '' : read.fault).toMatch(/all\.csv is larger than 5 MB/)
})

test('a file of more rows than a harness has is told at once, with both figures', async () => {
  const read = await readPinoutFile(file(`wire\n${'W\n'.repeat(5001)}`), readText)
  expect(read.ok ? '' : read.fault).toMatch(/5001 rows.*at most 5000/)
  expect((await readPinoutFile(file(`wire\n${'W\n'.repeat(4999)}`), readText)).ok).toBe(true)
})

test.each([
  ['mast_head-loom.csv', 'mast head loom'],
  ['loom.v2.xlsx', 'loom.v2'],
  ['loom', 'loom'],
])('a job from %s is first called %s', (name, title) => {
  expect(titleOfFile(name)).toBe(title)
})
