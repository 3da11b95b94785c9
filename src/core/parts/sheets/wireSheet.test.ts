import { expect, test } from 'vitest'
import { demoShelfInput } from '../catalogue/demoShelf.testing'
import { readWireRows, wireRow } from './wireSheet'

const shelf = demoShelfInput()
const rackSource = { document: 'reel label', basis: 'sheet' } as const
const wire = {
  id: 'TW-9',
  printed: '0.5 mm2',
  strands: '19',
  strandMm: '0.18',
  insulationMm: '1.6 mm',
  insulation: 'cross-linked polyethylene',
}

test('a wire type is read from its row; a print in gauge stays one, what is missing stays missing', () => {
  expect(
    readWireRows(
      [wire, { ...wire, id: 'TW-8', printed: '20 awg', strandMm: '0,2', plated: 'yes', ratedA: '7 A', maxC: '125 °C' }],
      rackSource,
    ),
  ).toEqual({
    faults: [],
    wireTypes: [
      {
        id: 'TW-9',
        name: 'TW-9',
        aliases: [],
        designation: { areaMm2: 0.5 },
        strands: 19,
        strandMm: 0.18,
        insulationMm: 1.6,
        insulation: 'cross-linked polyethylene',
        plated: false,
        refC: 20,
        source: rackSource,
      },
      {
        id: 'TW-8',
        name: 'TW-8',
        aliases: [],
        designation: { awg: '20' },
        strands: 19,
        strandMm: 0.2,
        insulationMm: 1.6,
        insulation: 'cross-linked polyethylene',
        plated: true,
        refC: 20,
        ratedA: 7,
        maxC: 125,
        source: rackSource,
      },
    ],
  })
})

test.each<[string, object, string, object]>([
  ['no size', { printed: '' }, 'printed', { kind: 'missing' }],
  ['half a strand', { strands: '7.5' }, 'strands', { kind: 'not-whole' }],
  ['strands of another wire', { strands: '7' }, 'strandMm', { kind: 'metal-off', printedMm2: 0.5 }],
  ['insulation inside the metal', { insulationMm: '0.6' }, 'insulationMm', { kind: 'inside-metal' }],
  ['a diameter in newtons', { strandMm: '0.18 N' }, 'strandMm', { kind: 'quantity' }],
])('a wire with %s is no wire', (_what, change, column, problem) => {
  const { wireTypes, faults } = readWireRows([{ ...wire, ...change }], rackSource)
  expect(wireTypes).toEqual([])
  expect(faults).toContainEqual({ row: 0, column, problem: expect.objectContaining(problem) as object })
})

test('a wire twice is named at its second row; every wire of the demo comes back from its row', () => {
  expect(readWireRows([wire, {}, { ...wire, id: 'tw-9' }], rackSource).faults).toEqual([
    { row: 2, column: 'id', problem: { kind: 'twice' } },
  ])
  for (const type of [...shelf.wireTypes, ...shelf.wireTypes.slice(0, 1).map((one) => ({ ...one, refC: 40 }))])
    expect(readWireRows([wireRow(type)], type.source).wireTypes).toEqual([type])
})
