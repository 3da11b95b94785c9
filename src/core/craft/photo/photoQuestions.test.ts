import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { houseRules } from '../../parts/rules/houseRules'
import { type Construction, type Contact, isSleeve } from '../../parts/catalogue/types'
import { judgePhoto, knownSizes, photoQuestions } from './photoQuestions'

const contacts = [...demoShelf().contacts.values()]
/** One of its construction that comes loose. */
const of = (construction: Construction): Contact => {
  const found = contacts.find((one) => one.construction === construction)
  if (!found) throw new Error(construction)
  if (isSleeve(found)) return found
  const { tabMm: _onStrip, ...loose } = found
  return loose
}
const rules = houseRules['sheet-strict']

test.each<[Construction, readonly string[]]>([
  ['closed-barrel', ['gap', 'bend']],
  ['open-barrel', ['brush', 'bend']],
  ['open-barrel-sealed', ['brush', 'seal-edge', 'bend']],
])('on a %s a picture answers', (construction, ids) => {
  expect(photoQuestions(of(construction), 1.7, rules).map(({ id }) => id)).toEqual(ids)
})

test('where a contact came on a strip a picture also tells how much of its tab is left', () => {
  const tab = photoQuestions({ ...of('open-barrel'), tabMm: 0.3 } as Contact, 1.7, rules).find(({ id }) => id === 'tab')
  expect(tab).toMatchObject({ look: 'contact-straight', window: { minMm: 0, maxMm: 0.3 }, above: 'tab-long' })
  expect([0.1, 0.6].map((mm) => judgePhoto(tab?.window, mm, 0.05).kind)).toEqual(['inside', 'above'])
})

// a gap of 0.3 to 1.0 mm
test.each([
  [0.8, 0.05, 'inside'],
  [0.2, 0.05, 'below'],
  [1.2, 0.05, 'above'],
  [0.98, 0.05, 'cannot-tell'],
  [1.02, 0.05, 'cannot-tell'],
  [0.33, 0.05, 'cannot-tell'],
])('%f mm, good to %f mm, in a window of 0.3 to 1.0 mm: %s', (mm, goodToMm, kind) => {
  expect(judgePhoto({ minMm: 0.3, maxMm: 1 }, mm, goodToMm).kind).toBe(kind)
})

test('a bend has no window: an eye judges it', () => {
  expect(judgePhoto(undefined, 0.4, 0.05)).toEqual({ kind: 'no-window' })
})

test('every contact with dimensions gives a picture some scale, and the wire does for all', () => {
  for (const contact of contacts) {
    const sizes = knownSizes(contact, 1.7)
    expect(sizes.at(-1)).toEqual({ id: 'insulation', mm: 1.7 })
    for (const { mm, along } of sizes) {
      expect(mm).toBeGreaterThan(0)
      if (along) expect(along.toMm - along.fromMm).toBeCloseTo(mm, 6)
    }
  }
})

test('where nobody knows the insulation it is no scale, and no gap is judged by it', () => {
  const contact = of('closed-barrel')
  expect(knownSizes(contact, undefined).map(({ id }) => id)).not.toContain('insulation')
  expect(photoQuestions(contact, undefined, rules).find(({ id }) => id === 'gap')?.window).toBeUndefined()
})
