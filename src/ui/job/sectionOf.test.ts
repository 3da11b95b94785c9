import fc from 'fast-check'
import { expect, test } from 'vitest'
import { sevenLeads } from '@/core/views/sevenLeads.testing'
import { crimpedSection } from '@/core/craft/specimen/section'
import { voidShareOf } from '@/core/craft/specimen/specimen'
import { sectionOf } from './sectionOf'

const { state, set } = sevenLeads()
const wire = state.plan.wires[0]
if (!wire) throw new Error('wire')

test('the section of a crimp is as high as its compaction of the metal makes it', () => {
  const section = sectionOf(state, wire, set, { compaction: 0.85 })
  const contact = state.facts.contacts[set.contact]
  const barrel = contact?.construction === 'open-barrel-sealed' ? contact.barrel : undefined
  // TW-1.0: 32 strands of 0.2 mm, 1.0053 mm²
  expect(section?.wireAreaMm2).toBeCloseTo(1.00531, 5)
  expect(section?.heightMm).toBeCloseTo(
    (0.85 * (1.00531 + (barrel?.metalAreaMm2 ?? NaN))) / (0.84 * (barrel?.crimpWidthMm ?? NaN)),
    4,
  )
})

test('a measured height has the compaction that its metal gives, not its place in the window', () => {
  const { minMm, maxMm } = set.height ?? { minMm: NaN, maxMm: NaN }
  const at = (heightMm: number) => sectionOf(state, wire, set, { heightMm })
  const full = (at(1)?.heightMm ?? NaN) / (at(1)?.compaction ?? NaN)
  expect(at(minMm)?.compaction).toBeCloseTo(minMm / full, 9)
  // the window says whether it is sound
  expect([minMm - 0.02, minMm, maxMm, maxMm + 0.02].map((height) => at(height)?.verdict)).toEqual([
    'tight',
    'sound',
    'sound',
    'loose',
  ])
})

test('without a measured height the compaction says whether it is sound', () => {
  expect([0.78, 0.85, 0.93].map((compaction) => sectionOf(state, wire, set, { compaction })?.verdict)).toEqual([
    'tight',
    'sound',
    'loose',
  ])
})

test('tighter never opens a void, and the strands stay inside their wall', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 1.1, noNaN: true }),
      fc.double({ min: 0, max: 0.3, noNaN: true }),
      (compaction, tighter) => {
        expect(voidShareOf(compaction - tighter)).toBeLessThanOrEqual(voidShareOf(compaction) + 1e-12)
        const piece = sectionOf(state, wire, set, { compaction })
        if (!piece) throw new Error('section')
        const section = crimpedSection({ ...piece, voidShare: voidShareOf(compaction) })
        expect(section.strands).toHaveLength(32)
        for (const strand of section.strands) {
          expect(Math.abs(strand.xMm) + strand.widthMm / 2).toBeLessThanOrEqual(section.inner.widthMm / 2 + 1e-9)
          expect(Math.abs(strand.yMm) + strand.heightMm / 2).toBeLessThanOrEqual(section.inner.heightMm / 2 + 1e-9)
        }
      },
    ),
  )
})
