import { expect, test } from 'vitest'
import { demoShelf } from './demoShelf.testing'
import { alikeKeyings, hasKeyingShapes, keysOfKeying } from './keying'

const at = (xMm: number, keyings?: string[]) => ({
  kind: 'slot' as const,
  at: { xMm, yMm: 0 },
  widthMm: 1,
  heightMm: 2,
  ...(keyings && { keyings }),
})
const plug = { keyings: ['K1', 'K2', 'K3'], keys: [at(0), at(5, ['K1']), at(-5, ['K2', 'K3'])] }

test('a keying has the slots of its own beside those that all have; without one only those are known', () => {
  expect(keysOfKeying(plug, 'K1').map((key) => key.at.xMm)).toEqual([0, 5])
  expect(keysOfKeying(plug, 'K3').map((key) => key.at.xMm)).toEqual([0, -5])
  expect(keysOfKeying(plug, undefined).map((key) => key.at.xMm)).toEqual([0])
})

test('keyings that are drawn alike are named; a housing made in one keying has nothing to tell apart', () => {
  expect(alikeKeyings(plug)).toEqual([['K2', 'K3']])
  expect(hasKeyingShapes(plug)).toBe(true)
  expect(hasKeyingShapes({ ...plug, keyings: ['K1'] })).toBe(false)
  expect(hasKeyingShapes({ keyings: ['K1', 'K2'], keys: [at(0)] })).toBe(false)
})

test('the demo’s keyed plugs can be told apart by eye', () => {
  for (const id of ['MJ-21P', 'MJ-33P']) {
    const housing = demoShelf().housings.get(id)
    expect(housing && [hasKeyingShapes(housing), alikeKeyings(housing)]).toEqual([true, []])
  }
})
