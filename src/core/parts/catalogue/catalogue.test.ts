import { expect, test } from 'vitest'
import { demoShelf, demoShelfInput } from './demoShelf.testing'
import { catalogueSchema } from './schema'
import { houseRules } from '../rules/houseRules'
import { buildCatalogue, sizeKey } from './catalogue'
import type { CatalogueFault } from './faults'
import { isSleeve, type CatalogueInput, type FamilyInput } from './types'

const shelf = demoShelf()

/** The demo shelf with one family changed. */
function withFamily(id: string, change: (family: FamilyInput) => FamilyInput): CatalogueInput {
  const input = demoShelfInput()
  return { ...input, families: input.families.map((family) => (family.id === id ? change(family) : family)) }
}

const faults = (input: CatalogueInput): readonly CatalogueFault[] => {
  const built = buildCatalogue(input)
  return built.ok ? [] : built.fault
}

test('the demo shelf holds together, and every housing has as many cavities as its name says', () => {
  for (const housing of shelf.housings.values()) {
    const ways = /(\d+) (plug|receptacle|way)/.exec(housing.name)?.[1] ?? /-(\d+) /.exec(housing.name)?.[1]
    expect(`${housing.id} ${housing.cavities.length}`).toBe(`${housing.id} ${ways ?? ''}`)
  }
})

test('cavities do not overlap, and lie inside the outline', () => {
  for (const housing of shelf.housings.values()) {
    const family = shelf.families.get(housing.family)
    const sizeOf = (id: string) => family?.sizes.find((one) => one.id === id)
    const boreOf = (id: string) => sizeOf(id)?.boreMm ?? sizeOf(id)?.fixing?.studMm ?? NaN
    for (const [i, cavity] of housing.cavities.entries()) {
      const radius = boreOf(cavity.size) / 2
      expect(Math.abs(cavity.xMm) + radius).toBeLessThan(housing.outline.widthMm / 2)
      expect(Math.abs(cavity.yMm) + radius).toBeLessThan(housing.outline.heightMm / 2)
      for (const other of housing.cavities.slice(i + 1)) {
        expect(Math.hypot(cavity.xMm - other.xMm, cavity.yMm - other.yMm)).toBeGreaterThan(
          radius + boreOf(other.size) / 2,
        )
      }
    }
  }
})

test('what the shelf says obeys physics: barrels take their largest conductor, crimps pass their bore, ratings fit', () => {
  for (const contact of shelf.contacts.values()) {
    if (!isSleeve(contact)) {
      const size = shelf.families.get(contact.family)?.sizes.find((one) => one.id === contact.size)
      expect(contact.crimpedMm).toBeLessThan(size?.boreMm ?? 0)
    }
    // nobody carries more than 12 A on a square millimetre of conductor at these sizes
    if (contact.ratedA !== undefined) expect(contact.ratedA / contact.conductor.maxMm2).toBeLessThan(12)
    if (contact.construction !== 'closed-barrel' || !contact.barrel) continue
    const largestBundleMm = Math.sqrt((4 * contact.conductor.maxMm2) / (Math.PI * 0.75))
    expect(contact.barrel.boreMm).toBeGreaterThan(largestBundleMm * 0.98)
    expect(contact.barrel.outerMm).toBeGreaterThan(contact.barrel.boreMm + 0.3)
    expect(contact.barrel.holeAtMm).toBeLessThan(contact.barrel.depthMm)
  }
})

test('die heights are compactions between 0.80 and 0.90', () => {
  for (const [id, rows] of shelf.rowsByContact) {
    const contact = shelf.contacts.get(id)
    for (const { row } of rows) {
      if (!row.height || !contact || contact.construction === 'closed-barrel' || contact.construction === 'sleeve')
        continue
      const { barrel } = contact
      const wire = [...shelf.wireTypes.values()].find(
        (type) =>
          'areaMm2' in type.designation &&
          type.designation.areaMm2 >= row.conductor.minMm2 &&
          type.designation.areaMm2 <= row.conductor.maxMm2,
      )
      const metal = wire ? (wire.strands * Math.PI * wire.strandMm ** 2) / 4 : NaN
      const compaction = (heightMm: number) =>
        (heightMm * 0.84 * (barrel?.crimpWidthMm ?? NaN)) / (metal + (barrel?.metalAreaMm2 ?? NaN))
      expect(compaction(row.height.minMm)).toBeGreaterThan(0.795)
      expect(compaction(row.height.maxMm)).toBeLessThan(0.905)
    }
  }
})

test('parts are found by id and by alias, whatever the case', () => {
  expect(shelf.names.get('cm-sk-n')).toEqual({ kind: 'contact', id: 'CM-SK-N' })
  expect(shelf.names.get('cmskn')).toEqual({ kind: 'contact', id: 'CM-SK-N' })
  expect(shelf.names.get('awg20')).toEqual({ kind: 'wire-type', id: 'TW-20' })
  expect(shelf.names.get('m10-plug')).toEqual({ kind: 'housing', id: 'CM-10P' })
})

test('contacts of a size stand by their smallest conductor, seals by their window', () => {
  const ascending = (values: readonly number[]) => expect(values).toEqual([...values].sort((a, b) => a - b))
  ascending((shelf.contactsBySize.get(sizeKey('slipware', 'SW')) ?? []).map((contact) => contact.conductor.minMm2))
  ascending((shelf.sealsByFamily.get('slipware') ?? []).map((seal) => seal.insulation.minMm))
})

test('the same contact in two families is refused', () => {
  const input = demoShelfInput()
  const [first, second] = input.families
  if (!first || !second) throw new Error('families')
  const [borrowed] = first.contacts
  const sizes = second.sizes[0]?.id ?? ''
  expect(
    faults(
      withFamily(second.id, (family) => ({
        ...family,
        contacts: [...family.contacts, ...(borrowed ? [{ ...borrowed, size: sizes }] : [])],
      })),
    ),
  ).toContainEqual({ kind: 'duplicate-id', item: 'contact', id: borrowed?.id })
})

test.each<[string, (family: FamilyInput) => FamilyInput, CatalogueFault]>([
  [
    'a plug part that is not there',
    (family) => ({ ...family, sizes: family.sizes.map((size) => ({ ...size, plug: 'NOPE' })) }),
    { kind: 'unknown-reference', in: 'slipware', field: 'sizes.plug', id: 'NOPE' },
  ],
  [
    'a contact of an unknown size',
    (family) => ({ ...family, contacts: family.contacts.map((contact) => ({ ...contact, size: 'XX' })) }),
    { kind: 'unknown-reference', in: 'SC-03-08', field: 'size', id: 'XX' },
  ],
  [
    'a housing whose lock is not there',
    (family) => ({ ...family, housings: family.housings.map((housing) => ({ ...housing, lock: 'NOPE' })) }),
    { kind: 'unknown-reference', in: 'SW-7P', field: 'lock', id: 'NOPE' },
  ],
  [
    'rows numbered like rings',
    (family) => ({
      ...family,
      housings: family.housings.map((housing) => ({ ...housing, ids: { kind: 'numbers', start: 1, order: 'out' } })),
    }),
    {
      kind: 'bad-arrangement',
      housing: 'SW-7P',
      fault: { kind: 'order-not-for-arrangement', order: 'out', arrangement: 'rows' },
    },
  ],
  [
    'cavities without a size',
    (family) => ({ ...family, housings: family.housings.map(({ cavitySize: _size, ...housing }) => housing) }),
    { kind: 'cavity-without-size', housing: 'SW-7P', cavity: '1' },
  ],
  [
    'cavities that run into each other',
    (family) => ({
      ...family,
      housings: family.housings.map((housing) => ({
        ...housing,
        arrangement: { kind: 'rows', rowCounts: [7], pitchMm: 3, rowPitchMm: 5 },
      })),
    }),
    { kind: 'cavities-overlap', housing: 'SW-7P', cavities: ['1', '2'], apartMm: 3, needMm: 4.2 },
  ],
  [
    'a cavity beyond the shell',
    (family) => ({
      ...family,
      housings: family.housings.map((housing) => ({ ...housing, outline: { ...housing.outline, widthMm: 20 } })),
    }),
    { kind: 'cavity-outside', housing: 'SW-7P', cavity: '1' },
  ],
  [
    'another size for a cavity that is not there',
    (family) => ({
      ...family,
      housings: family.housings.map((housing) => ({ ...housing, otherSizes: { SW: ['99'] } })),
    }),
    { kind: 'unknown-reference', in: 'SW-7P', field: 'otherSizes', id: '99' },
  ],
  [
    'too few printed ids',
    (family) => ({
      ...family,
      housings: family.housings.map((housing) => ({
        ...housing,
        ids: { kind: 'list', list: ['1', '2'], order: 'same-side' },
      })),
    }),
    { kind: 'bad-arrangement', housing: 'SW-7P', fault: { kind: 'ids-missing', expected: 7, found: 2 } },
  ],
])('%s is named', (_what, change, fault) => {
  expect(faults(withFamily('slipware', change))).toContainEqual(fault)
})

test.each<[string, (input: CatalogueInput) => CatalogueInput, CatalogueFault]>([
  [
    'two rows of a placard that contradict each other',
    (input) => ({
      ...input,
      placards: input.placards.map((one) =>
        one.id === 'QP-1'
          ? {
              ...one,
              rows: [
                ...one.rows,
                { contact: 'CS-SK-N', conductor: { minMm2: 0.2, maxMm2: 0.3 }, positioner: 'QP-1', selector: 9 },
              ],
            }
          : one,
      ),
    }),
    { kind: 'rows-contradict', placard: 'QP-1', contact: 'CS-SK-N', rows: [1, 11], field: 'selector' },
  ],
  [
    'a pack of what is not there',
    (input) => ({
      ...input,
      packs: input.packs.map((pack, i) => (i === 0 ? { ...pack, contents: [{ part: 'NOPE', count: 5 }] } : pack)),
    }),
    { kind: 'unknown-reference', in: 'CS-SK-N/50', field: 'contents', id: 'NOPE' },
  ],
  [
    'a core of an unknown wire',
    (input) => ({
      ...input,
      cables: input.cables.map((cable) => ({ ...cable, cores: [{ colour: 'BN', type: 'NOPE' }] })),
    }),
    { kind: 'unknown-reference', in: 'CB-4', field: 'cores.0.type', id: 'NOPE' },
  ],
  [
    'house rules under the name of a school that ships',
    (input) => ({ ...input, rules: [houseRules['sheet-strict']] }),
    { kind: 'duplicate-id', item: 'rules', id: 'sheet-strict' },
  ],
])('%s: named, with where it stands', (_what, change, fault) => {
  expect(faults(change(demoShelfInput()))).toContainEqual(fault)
})

test('a row that only touches the next, or says the same, contradicts nothing', () => {
  const input = demoShelfInput()
  const rows = [
    { contact: 'CS-SK-N', conductor: { minMm2: 0.1, maxMm2: 0.2 }, selector: 3 },
    { contact: 'CS-SK-N', conductor: { minMm2: 0.2, maxMm2: 0.3 }, selector: 4 },
    { contact: 'CS-SK-N', conductor: { minMm2: 0.15, maxMm2: 0.2 }, selector: 3 },
  ]
  expect(
    faults({ ...input, placards: [{ id: 'P', tool: 'QF-5', rows, source: { document: 'card', basis: 'sheet' } }] }),
  ).toEqual([])
})

test('a mixed housing has each cavity at its own size', () => {
  const sizes = (id: string) => shelf.housings.get(id)?.cavities.map((cavity) => `${cavity.id} ${cavity.size}`)
  expect(sizes('CL-5P')).toEqual(['1 C29', '2 C29', '3 C18L', '4 C18L', '5 C18L'])
  expect(sizes('ST-6P')).toEqual(['1 T66', '2 T66', '3 T45', '4 T45', '5 T45', '6 T45'])
  expect(sizes('RK-20P')?.filter((one) => one.endsWith('R16'))).toEqual(['U R16', 'V R16', 'W R16'])
})

test('the cheapest pack of a part comes first', () => {
  expect(shelf.packsByPart.get('SC-03-08')?.map((pack) => pack.id)).toEqual(['SC-03-08/2000', 'SC-03-08/100'])
})

test('cavities given one by one may have sizes of their own, each id once', () => {
  const cavity = (id: string, xMm: number, size: string) => ({ id, row: 0, index: 0, xMm, yMm: 0, size })
  const given = (ids: readonly [string, string]) =>
    withFamily('slipware', (family) => ({
      ...family,
      housings: family.housings.map((housing) =>
        housing.id === 'SW-7P'
          ? { ...housing, cavities: [cavity(ids[0], -5, 'SW'), cavity(ids[1], 5, 'SW')] }
          : housing,
      ),
    }))
  const built = buildCatalogue(given(['1', '2']))
  expect(built.ok && built.value.housings.get('SW-7P')?.cavities.map((one) => one.xMm)).toEqual([-5, 5])
  expect(faults(given(['1', '1']))).toContainEqual({ kind: 'cavity-twice', housing: 'SW-7P', cavity: '1' })
})

test.each([
  ['an unknown field', { wireTypes: [{ id: 'X', colour: 'RD' }] }],
  ['a range that runs backward', { families: [{ id: 'f', seals: [{ id: 's', insulation: { minMm: 2, maxMm: 1 } }] }] }],
  ['another format', { format: 'something/else' }],
  ['a newer version', { version: 2 }],
])('%s is refused with its path', (_what, part) => {
  const read = catalogueSchema.safeParse({ format: 'urn-bench/catalogue', version: 1, ...part })
  expect(read.success).toBe(false)
  expect(read.error?.issues[0]?.path.length).toBeGreaterThan(0)
})
