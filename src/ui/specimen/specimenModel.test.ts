import { expect, test } from 'vitest'
import { defects, type DefectCode } from '@/core/craft/crimp/looks'
import { madeWith } from '@/core/craft/specimen/defectMade'
import type { CrimpMade } from '@/core/craft/specimen/specimenTypes'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { specimenLayout, type SpecimenPiece } from './specimenModel'

const shelf = demoShelf()
const contact = (id: string) => {
  const found = shelf.contacts.get(id)
  if (!found) throw new Error(id)
  return found
}
const sound: CrimpMade = {
  contact: contact('CM-SK-N'),
  strands: 19,
  strandMm: 0.18,
  stripMm: 5.85,
  endShortMm: 0,
  insulationMm: 1.6,
  strandsLost: 0,
  compaction: 0.85,
}
const piece = (made: CrimpMade, defect?: DefectCode): SpecimenPiece => ({
  made: madeWith(made, defect),
  defect,
  bundleMm: 0.9,
  legs: 1,
  colour: 'RD',
  crimped: true,
})
const closed = (defect?: DefectCode) => piece(sound, defect)
const open = (defect?: DefectCode) =>
  piece({ ...sound, contact: contact('SC-03-08'), stripMm: 3.8, endShortMm: -0.6 }, defect)

test('a good closed barrel: the conductor bottoms, the gap is what the strip leaves', () => {
  const layout = specimenLayout(closed())
  expect(layout.conductorFromMm).toBe(layout.bottomMm)
  // 5.85 − 5.2 of barrel
  expect(layout.gapMm).toBeCloseTo(0.65, 9)
})

test('a good open barrel: the brush shows, the insulation ends midway between the wings', () => {
  const layout = specimenLayout(open())
  // 3.8 − 2.8 of barrel − half of 0.8
  expect(layout.brushMm).toBeCloseTo(0.6, 9)
  expect(layout.insulationFromMm).toBeCloseTo(layout.mouthMm + 0.4, 9)
})

test.each<
  [DefectCode, (layout: ReturnType<typeof specimenLayout>, good: ReturnType<typeof specimenLayout>) => boolean]
>([
  ['hole-empty', (bad, good) => bad.conductorFromMm > good.conductorFromMm + 1],
  ['gap-too-large', (bad) => bad.gapMm > 1],
  ['insulation-in-barrel', (bad) => bad.gapMm < 0],
])('closed barrel, %s: the drawing shows what is said', (defect, shows) => {
  expect(shows(specimenLayout(closed(defect)), specimenLayout(closed()))).toBe(true)
})

test.each<[DefectCode, (layout: ReturnType<typeof specimenLayout>) => boolean]>([
  ['brush-too-short', (bad) => bad.brushMm <= 0],
  ['brush-reaches-mating-part', (bad) => bad.brushMm > 1.4],
  ['insulation-under-wings', (bad) => bad.insulationFromMm < bad.mouthMm],
  ['bare-under-insulation-wings', (bad) => bad.insulationFromMm > bad.mouthMm + 0.8],
])('open barrel, %s: the drawing shows what is said', (defect, shows) => {
  expect(shows(specimenLayout(open(defect)))).toBe(true)
})

test('whatever the defect, the wire stays a wire: conductor before insulation before its end', () => {
  for (const defect of Object.keys(defects) as DefectCode[]) {
    for (const piece of [closed(defect), open(defect)]) {
      const layout = specimenLayout(piece)
      expect(layout.conductorFromMm).toBeLessThan(layout.insulationFromMm)
      expect(layout.insulationFromMm).toBeLessThan(layout.wireToMm)
    }
  }
})
