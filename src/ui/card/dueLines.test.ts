import fc from 'fast-check'
import { expect, test } from 'vitest'
import { type AtOnce, dueLines } from './dueLines'

const prep = ['cut', 'label', 'strip', 'strands']
const hands: AtOnce = { says: 'All of this is done', recorded: false, of: ['cut', 'label', 'strip'] }
const looks: AtOnce = { says: 'All seen', recorded: true, andMain: 'All seen: accept' }

test.each<[string, readonly string[], AtOnce | undefined, object]>([
  ['one line after the other', [], undefined, { kind: 'line', open: ['cut'] }],
  ['what hands do, together', [], hands, { kind: 'hands', open: ['cut', 'label', 'strip'], endsAll: false }],
  ['one of them was ticked by itself', ['label'], hands, { kind: 'hands', open: ['cut', 'strip'] }],
  ['the last of them is a line like any other', ['cut', 'label'], hands, { kind: 'line', open: ['strip'] }],
  ['then the look by itself', ['cut', 'label', 'strip'], hands, { kind: 'line', open: ['strands'] }],
  ['looks together, and accepted', [], looks, { kind: 'looks', says: 'All seen: accept', endsAll: true }],
  ['a look that is left alone is seen by itself', prep.slice(1), looks, { kind: 'line', open: ['cut'] }],
  ['nothing is open', prep, looks, { kind: 'main' }],
])('%s', (_what, ticked, atOnce, due) => {
  expect(dueLines(prep, new Set(ticked), atOnce)).toMatchObject(due)
})

test('looks of which another line stands beside are not accepted with the same press', () => {
  expect(dueLines(prep, new Set(), { ...looks, of: ['cut', 'label'] })).toMatchObject({
    kind: 'looks',
    says: 'All seen',
    endsAll: false,
  })
})

test('pressing on answers each line once and comes to the main action, whatever is answered together', () => {
  const ids = ['a', 'b', 'c', 'd', 'e']
  fc.assert(
    fc.property(fc.subarray(ids), fc.subarray(ids), fc.boolean(), fc.boolean(), (ticked, of, recorded, ends) => {
      const now = new Set(ticked)
      const atOnce: AtOnce = { says: 's', recorded, of, ...(ends && { andMain: 'm' }) }
      for (let presses = 0; ; presses++) {
        const due = dueLines(ids, now, atOnce)
        if (due.kind === 'main') break
        expect(due.open.length).toBeGreaterThan(0)
        expect(due.open.some((id) => now.has(id))).toBe(false)
        for (const id of due.open) now.add(id)
        // the press that does the main action too leaves nothing open
        if (due.kind !== 'line' && due.endsAll) expect(now.size).toBe(ids.length)
        expect(presses).toBeLessThan(ids.length)
      }
      expect(now.size).toBe(ids.length)
    }),
  )
})
