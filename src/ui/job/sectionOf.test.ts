import fc from 'fast-check'
import { expect, test } from 'vitest'
import { sevenLeads } from '@/core/views/sevenLeads.testing'
import { crimpedSection } from '@/core/craft/specimen/section'
import { voidShareOf } from '@/core/craft/specimen/specimen'
import { compactionAt, sectionOf } from './sectionOf'

const { state, set } = sevenLeads()
const wire = state.plan.wires[0]
if (!wire) throw new Error('wire')

test('the section of a crimp is as high as its compaction of the metal makes it', () => {
  const section = sectionOf(state, wire, set, 0.85)
  const contact = state.facts.contacts[set.contact]
  const barrel = contact?.construction === 'open-barrel-sealed' ? contact.barrel : undefined
  // TW-1.0: 32 strands of 0.2 mm, 1.0053 mm²
  expect(section?.wireAreaMm2).toBeCloseTo(1.00531, 5)
  expect(section?.heightMm).toBeCloseTo(
    (0.85 * (1.00531 + (barrel?.metalAreaMm2 ?? NaN))) / (0.84 * (barrel?.crimpWidthMm ?? NaN)),
    4,
  )
})

test('a measured height is a compaction: the edges of the window are 0.80 and 0.90', () => {
  const { minMm, maxMm } = set.height ?? { minMm: NaN, maxMm: NaN }
  expect(compactionAt(set, minMm)).toBeCloseTo(0.8, 9)
  expect(compactionAt(set, maxMm)).toBeCloseTo(0.9, 9)
  const { height: _none, ...without } = set
  expect(compactionAt(without, 1.2)).toBeUndefined()
})

test('tighter never opens a void, and the strands stay inside their wall', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 1.1, noNaN: true }),
      fc.double({ min: 0, max: 0.3, noNaN: true }),
      (compaction, tighter) => {
        expect(voidShareOf(compaction - tighter)).toBeLessThanOrEqual(voidShareOf(compaction) + 1e-12)
        const piece = sectionOf(state, wire, set, compaction)
        if (!piece) throw new Error('section')
        const section = crimpedSection({ ...piece, voidShare: voidShareOf(compaction) })
        expect(section.strands).toHaveLength(32)
        for (const strand of section.strands) {
          expect(Math.abs(strand.xMm)).toBeLessThanOrEqual(section.inner.widthMm / 2 + 1e-9)
          expect(Math.abs(strand.yMm)).toBeLessThanOrEqual(section.inner.heightMm / 2 + 1e-9)
        }
      },
    ),
  )
})
