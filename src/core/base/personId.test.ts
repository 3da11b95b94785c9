import fc from 'fast-check'
import { expect, test } from 'vitest'
import { personId } from './personId'

test.each([
  ['Ansa Quill', [], 'ansa'],
  ['Zoë Ünal', [], 'zoe'],
  ['李 明', [], 'person'],
  ['李 明', ['person'], 'person-2'],
  ['Ansa Reed', ['ansa', 'ansa-2'], 'ansa-3'],
  ['api', [], 'api-2'],
  ['constructor', [], 'constructor-2'],
  ['<b>Bo</b>', [], 'b'],
])('%s beside %j is %s', (name, known, expected) => {
  expect(personId(name, new Set(known))).toBe(expected)
})

test('whatever the name, the id is short, plain and new', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), fc.array(fc.string()), (name, ids) => {
      const known = new Set(ids)
      const id = personId(name, known)
      expect(id).toMatch(/^[a-z0-9]+(?:-\d+)?$/)
      expect(id.length).toBeLessThanOrEqual(40)
      expect(known.has(id)).toBe(false)
    }),
  )
})
