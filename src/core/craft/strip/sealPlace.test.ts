import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import type { Contact } from '../../parts/catalogue/types'
import { sealPlace } from './sealPlace'

const sealed = [...demoShelf().contacts.values()].find(({ construction }) => construction === 'open-barrel-sealed')

const withGap = (transitionMm: number): Contact => {
  if (sealed?.construction !== 'open-barrel-sealed' || !sealed.barrel) throw new Error('no sealed contact')
  return { ...sealed, barrel: { ...sealed.barrel, transitionMm } }
}

// insulation ends midway of the gap between the wings: at most half of the gap shows before the seal
test.each([
  [1.2, 0.1, 0.6],
  [0.8, 0.1, 0.4],
  [3, 0.3, 1.5],
  [0.1, 0.1, 0.1],
])('a gap of %f mm between the wings: %f to %f mm of insulation before the seal', (gapMm, minMm, maxMm) => {
  expect(sealPlace(withGap(gapMm))).toEqual({ minMm, maxMm })
})

test('a contact without a seal in its wings, or without dimensions, says nothing of it', () => {
  const plain = [...demoShelf().contacts.values()].filter(({ construction }) => construction !== 'open-barrel-sealed')
  expect(plain.map(sealPlace).filter((one) => one !== undefined)).toEqual([])
  expect(sealPlace({ ...withGap(1), barrel: undefined })).toBeUndefined()
})
