import { expect, test } from 'vitest'
import { contradictingHeight } from './cardFaults'
import { demoShelf } from './demoShelf.testing'

const low = { minMm: 1.2, maxMm: 1.4 }
const high = { minMm: 1.5, maxMm: 1.6 }
const row = (more: object) => ({
  contact: 'SC',
  conductor: { minMm2: 0.5, maxMm2: 1 },
  die: 'D2',
  wireStopMm: 4.4,
  ...more,
})

test.each([
  ['two heights, nothing to adjust', { height: high }, high],
  ['windows that overlap: one crimp can be inside both', { height: { minMm: 1.38, maxMm: 1.5 } }, undefined],
  ['another die', { height: high, die: 'D3' }, undefined],
  ['a selector to turn', { height: high, selector: 4 }, undefined],
  ['another contact', { height: high, contact: 'SP' }, undefined],
  ['no height of its own', {}, undefined],
])('%s', (_what, other, found) => {
  const first = row({ height: low })
  expect(contradictingHeight({ rows: [first, row(other)] }, first)).toEqual(found)
})

test('the demo’s die card for D2 contradicts itself, and only there', () => {
  const rows = [...demoShelf().rowsByContact.values()].flat()
  const faulty = rows
    .filter(({ placard, row }) => contradictingHeight(placard, row))
    .map(({ tool, row }) => `${tool.id} ${row.die ?? ''} ${row.contact}`)
  expect(faulty).toEqual(['PF-10 D2 SC-09-18', 'PF-10 D2 SC-09-18'])
})
