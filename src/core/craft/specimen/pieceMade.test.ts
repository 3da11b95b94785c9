import fc from 'fast-check'
import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { heightAt, pieceFaults, pieceMade, type PieceFault } from './pieceMade'
import { specimen } from './specimen'
import type { ChosenSet } from '../setup/chosenSet'

const shelf = demoShelf()
const contact = (id: string) =>
  shelf.contacts.get(id) ??
  (() => {
    throw new Error(id)
  })()
const type =
  shelf.wireTypes.get('TW-0.5') ??
  (() => {
    throw new Error('wire')
  })()
const set = (nominalMm: number, more: Partial<ChosenSet> = {}): ChosenSet => ({
  contact: 'x',
  setup: { tool: 'PF-10' },
  strip: {
    minMm: nominalMm - 0.4,
    nominalMm,
    maxMm: nominalMm + 0.4,
    limits: { below: 'brush-too-short', above: 'bare-under-insulation-wings' },
  },
  stripFrom: 'dimensions',
  source: 's',
  estimate: false,
  ...more,
})

test('a piece that goes right is sound: brush and gap in the middle, held all along, breaks in the wire', () => {
  const open = specimen(pieceMade(contact('SC-03-08'), type, set(3.8)))
  // 3.8 of strip, 2.8 of barrel, half of 0.8 of window
  expect(open.brushMm).toBeCloseTo(0.6, 9)
  expect(open).toMatchObject({ held: 1, breaks: 'broke-in-wire' })
  const closed = specimen(pieceMade(contact('CM-SK-N'), type, set(5.85)))
  // 5.85 of strip, 5.2 of barrel
  expect(closed.gapMm).toBeCloseTo(0.65, 9)
  expect(closed.held).toBe(1)
})

test.each(Object.keys(pieceFaults) as PieceFault[])(
  '%s pulls off at less than two thirds, whatever the contact',
  (fault) => {
    for (const [id, nominalMm] of [
      ['SC-03-08', 3.8],
      ['CM-SK-N', 5.85],
    ] as const) {
      const sound = specimen(pieceMade(contact(id), type, set(nominalMm))).pullN
      expect(specimen(pieceMade(contact(id), type, set(nominalMm), { fault })).pullN).toBeLessThan(sound * 0.7)
    }
  },
)

test('folded back, both legs are gripped', () => {
  const once = pieceMade(contact('SC-03-08'), type, set(3.8))
  const twice = pieceMade(contact('SC-03-08'), type, set(7.6, { foldBack: true }))
  expect(twice.strands).toBe(2 * once.strands)
  expect(twice.stripMm).toBeCloseTo(once.stripMm, 9)
})

test('a height inside its window is a sound compaction, and the other way round', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 3, noNaN: true }),
      fc.double({ min: 0.02, max: 0.3, noNaN: true }),
      fc.double({ min: 0.6, max: 1.1, noNaN: true }),
      (minMm, span, compaction) => {
        const heightMm =
          heightAt(set(3.8, { height: { minMm, maxMm: minMm + span, estimate: true } }), compaction) ?? NaN
        const inside = heightMm >= minMm - 1e-9 && heightMm <= minMm + span + 1e-9
        expect(inside).toBe(compaction >= 0.8 - 1e-9 && compaction <= 0.9 + 1e-9)
      },
    ),
  )
  expect(heightAt(set(3.8), 0.85)).toBeUndefined()
})
