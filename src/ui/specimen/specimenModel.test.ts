import { expect, test } from 'vitest'
import { defects, type DefectCode } from '@/core/crimp/looks'
import { demoCatalogue } from '@/formats/demoCatalogue.testing'
import { specimenLayout, type SpecimenPiece } from './specimenModel'

const shelf = demoCatalogue()
const contact = (id: string) => {
  const found = shelf.contacts.get(id)
  if (!found) throw new Error(id)
  return found
}
const closed = (more: Partial<SpecimenPiece> = {}): SpecimenPiece => ({ contact: contact('CM-SK-N'), stripMm: 5.85, insulationMm: 1.6, bundleMm: 0.9, colour: 'RD', crimped: true, ...more })
const open = (more: Partial<SpecimenPiece> = {}): SpecimenPiece => ({ contact: contact('SC-03-08'), stripMm: 3.8, insulationMm: 1.6, bundleMm: 0.9, colour: 'RD', crimped: true, ...more })

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

test.each<[DefectCode, (layout: ReturnType<typeof specimenLayout>, good: ReturnType<typeof specimenLayout>) => boolean]>([
  ['hole-empty', (bad, good) => bad.conductorFromMm > good.conductorFromMm + 1],
  ['gap-too-large', (bad) => bad.gapMm > 1],
  ['insulation-in-barrel', (bad) => bad.gapMm < 0],
])('closed barrel, %s: the drawing shows what is said', (defect, shows) => {
  expect(shows(specimenLayout(closed({ defect })), specimenLayout(closed()))).toBe(true)
})

test.each<[DefectCode, (layout: ReturnType<typeof specimenLayout>) => boolean]>([
  ['brush-too-short', (bad) => bad.brushMm <= 0],
  ['brush-reaches-mating-part', (bad) => bad.brushMm > 1.4],
  ['insulation-under-wings', (bad) => bad.insulationFromMm < bad.mouthMm],
  ['bare-under-insulation-wings', (bad) => bad.insulationFromMm > bad.mouthMm + 0.8],
])('open barrel, %s: the drawing shows what is said', (defect, shows) => {
  expect(shows(specimenLayout(open({ defect })))).toBe(true)
})

test('whatever the defect, the wire stays a wire: conductor before insulation before its end', () => {
  for (const defect of Object.keys(defects) as DefectCode[]) {
    for (const piece of [closed({ defect }), open({ defect })]) {
      const layout = specimenLayout(piece)
      expect(layout.conductorFromMm).toBeLessThan(layout.insulationFromMm)
      expect(layout.insulationFromMm).toBeLessThan(layout.wireToMm)
    }
  }
})
