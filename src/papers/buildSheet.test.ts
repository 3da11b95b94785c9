import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import type { Entry } from '@/core/record/journal/entry'
import { foldAll } from '@/core/record/journal/fold'
import { jobDocumentSchema } from '@/formats/jobDocument'
import { recordCsv } from '@/formats/recordTable'
import { buildSheet } from './buildSheet'
import { kitSheet } from './kitSheet'
import { faceSvg } from './faceSvg'
import { sayIn } from '@/words/benchUnits'
import type { PaperInput } from './paper'
import { faceState } from '@/ui/job/faceState'
import { housingOf } from '@/core/record/plan/facts'
import { woffToTtf } from '../../scripts/woff-to-ttf.mjs'

const document = jobDocumentSchema.parse(JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')))
const { state } = foldAll((document.journal ?? []) as unknown as Entry[])
const input: PaperInput = {
  id: 'deck-loom',
  state,
  people: { teodor: 'Teodor Finch' },
  provenance: {},
  madeAt: '2026-11-25T09:00:00Z',
  zone: 'UTC',
  says: { units: 'metric' },
}
const sheet = JSON.stringify(buildSheet(input))

test('a sheet of unsigned work says so first, and names what was used where and by whom', () => {
  expect(sheet).toContain('NOT SIGNED: this is the state of work, not a release.')
  expect(sheet).toContain('Mudlark deck loom')
  expect(sheet).toContain('"W10b"')
  expect(sheet).toContain('Teodor Finch')
  expect(sheet).toContain('QF-5 · QP-1 · 5 · 1.1')
  expect(sheet).not.toContain('undefined')
})

test('a bench that says inches first has them in every column of lengths and pulls, the metric figure behind', () => {
  sayIn({ units: 'gauge' })
  const gauge = JSON.stringify(buildSheet(input))
  sayIn({ units: 'metric' })
  expect(sheet).toContain('"strip mm"')
  expect(gauge).toContain('"strip in (mm)"')
  expect(gauge).not.toContain('"strip mm"')
  expect(sheet).toContain('"4.7 to 5.4"')
  expect(gauge).toContain('".186 to .212 (4.7 to 5.4)"')
  expect(sheet).toMatch(/"60 N: /)
  expect(gauge).toMatch(/"13\.5 lbf \(60 N\): /)
})

test('faces go in as drawings, without a custom property that a PDF does not know', () => {
  const housing = housingOf(state.facts, state.plan, 'B')
  if (!housing) throw new Error('housing')
  const svg = faceSvg(housing, faceState(state, 1, 'B', housing), 245, 165)
  expect(svg.match(/<circle/g)?.length).toBe(14)
  expect(svg).toContain('width="245"')
  expect(svg).not.toContain('var(')
  expect(svg).not.toContain('<title>')
})

test('the record as a table: a heading, a row a termination, the times of the journal', () => {
  const [heading, ...rows] = recordCsv(state).trim().split('\r\n')
  expect(heading?.split(',').slice(0, 5)).toEqual(['unit', 'wire', 'side', 'end', 'cavity'])
  expect(rows).toHaveLength(48)
  const crimped = rows.filter((row) => row.includes('2026-11-24T'))
  expect(crimped).toHaveLength(24)
  expect(
    rows
      .find((row) => row.startsWith('1,W10,b,'))
      ?.split(',')
      .slice(9, 12),
  ).toEqual(['', '', ''])
})

test('a font is unpacked into what it was made from', () => {
  const ttf = woffToTtf(
    readFileSync('node_modules/@fontsource/ibm-plex-mono/files/ibm-plex-mono-latin-400-normal.woff'),
  )
  expect(ttf.readUInt32BE(0)).toBe(0x00010000)
  const tables = Array.from({ length: ttf.readUInt16BE(4) }, (_, i) => ({
    tag: ttf.toString('latin1', 12 + 16 * i, 16 + 16 * i),
    offset: ttf.readUInt32BE(20 + 16 * i),
    length: ttf.readUInt32BE(24 + 16 * i),
  }))
  expect(tables.map((table) => table.tag)).toEqual(expect.arrayContaining(['cmap', 'glyf', 'head', 'loca']))
  // the magic number of every TrueType head
  expect(ttf.readUInt32BE((tables.find((table) => table.tag === 'head')?.offset ?? 0) + 12)).toBe(0x5f0f3cf5)
  expect(tables.every((table) => table.offset % 4 === 0 && table.offset + table.length <= ttf.length)).toBe(true)
  expect(() => woffToTtf(Buffer.from('no font at all'))).toThrow('not a WOFF')
})

test('the kit list counts what the job needs, with a box to tick, and its setups', () => {
  const kit = JSON.stringify(
    kitSheet({
      id: 'deck-loom',
      state,
      people: {},
      provenance: {},
      madeAt: '2026-11-25T09:00:00Z',
      zone: 'UTC',
      says: { units: 'metric' },
    }),
  )
  expect(kit).toContain('"CM-SK-N"')
  expect(kit).toContain('Interface seal')
  expect(kit).toContain('QF-5 · QP-1 · 5 · 1.1')
  // boxes are drawn: a font that has none prints nothing to tick
  expect(kit.match(/"type":"rect"/g)?.length).toBeGreaterThan(10)
  expect(kit).toContain('To bring to the bench')
  expect(kit).toContain('stripper')
  expect(kit).not.toContain('undefined')
})
