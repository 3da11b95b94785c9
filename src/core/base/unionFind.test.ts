import fc from 'fast-check'
import { expect, test } from 'vitest'
import { UnionFind } from './unionFind'

test('what was joined by whatever way stands under one leader; what was not stands apart', () => {
  const wires = new UnionFind<string>()
  expect(wires.join('A.1', 'B.1')).toBe(true)
  expect(wires.join('B.1', 'C.1')).toBe(true)
  expect(wires.join('A.1', 'C.1')).toBe(false)
  wires.join('A.2', 'A.2')
  expect([...wires.groups().values()]).toEqual([['A.1', 'B.1', 'C.1'], ['A.2']])
  expect(wires.root('A.9')).toBe('A.9')
  expect(wires.has('A.9')).toBe(false)
})

test('two things are in one group exactly when a way of joints leads from one to the other', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(9), fc.nat(9)), { maxLength: 12 }), (joints) => {
      const found = new UnionFind<number>()
      for (const [a, b] of joints) found.join(a, b)
      const reached = (from: number) => {
        const seen = new Set([from])
        for (const at of seen)
          for (const [a, b] of joints) {
            if (a === at) seen.add(b)
            if (b === at) seen.add(a)
          }
        return seen
      }
      for (let a = 0; a < 10; a++)
        for (let b = 0; b < 10; b++) expect(found.root(a) === found.root(b)).toBe(reached(a).has(b))
    }),
    { numRuns: 200 },
  )
})
