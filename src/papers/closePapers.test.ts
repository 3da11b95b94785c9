import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import type { Entry } from '@/core/record/journal/entry'
import { foldAll } from '@/core/record/journal/fold'
import { jobDocumentSchema } from '@/formats/jobDocument'
import { recordRows, recordXlsx } from '@/formats/recordTable'
import { readXlsx } from '@/formats/table/readXlsx'
import { codeSvg } from './barcode'
import { boardSheet, boardSvg, boardTilesSheet } from './boardSheet'
import { labelSheet } from './labelSheet'
import type { PaperInput } from './paper'
import { pinoutSheet } from './pinoutSheet'
import { testRecord } from './testRecord'

const inputOf = (job: string): PaperInput => {
  const document = jobDocumentSchema.parse(JSON.parse(readFileSync(`demo/jobs/${job}.json`, 'utf8')))
  return {
    id: job,
    state: foldAll((document.journal ?? []) as unknown as Entry[]).state,
    people: { teodor: 'Teodor Finch', ansa: 'Ansa Quill' },
    provenance: {},
    madeAt: '2026-11-29T09:00:00Z',
    zone: 'UTC',
    says: { units: 'metric' },
    code: '95-3f9a2c41d07be512',
  }
}
const loom = inputOf('deck-loom')
const leads = inputOf('float-leads')

test('a board drawing has every stretch with its length, in millimetres and without a colour that paper does not know', () => {
  const svg = boardSvg(loom.state) ?? ''
  for (const said of ['1035 mm ±10 mm', '775 mm ±10 mm', '405 mm ±10 mm', '880 mm ±10 mm', '50 mm ±5 mm'])
    expect(svg).toContain(said)
  expect(svg).toMatch(/width="\d+(\.\d+)?mm"/)
  expect(svg).not.toContain('var(')
  const sheet = JSON.stringify(boardSheet(loom))
  expect(sheet).toContain('9 × 100 mm')
  expect(boardSvg(leads.state)).toBeUndefined()
  expect(JSON.stringify(boardSheet(leads))).toContain('Nobody has said how the bundle lies')
})

test('at 1 to 1 each sheet shows 190 by 277 mm of the board, with a mark in every corner, and says its place', () => {
  const { content } = boardTilesSheet(loom)
  const sheets = (content as { svg?: string; text?: string }[]).filter(({ svg }) => svg !== undefined)
  const places = (content as { text?: string }[]).flatMap(({ text }) => text ?? [])
  expect(sheets.length).toBe(places.length)
  expect(places[0]).toContain(`sheet 1 of ${String(sheets.length)}`)
  for (const { svg = '' } of sheets) {
    expect(svg).toMatch(/viewBox="\S+ \S+ 190 277"/)
    expect(svg.match(/<g stroke="#1f1b18" stroke-width="0.2">/g)).toHaveLength(4)
  }
})

test('labels of both ends of all wires and of all ends, each with a code; singly each on a page of its own', () => {
  const { plan } = loom.state
  const labels = plan.wires.length * 2 + plan.ends.length
  for (const label of ['48x25', 'tape-12'] as const) {
    const { content } = labelSheet({ ...loom, label })
    const codes = (content as { svg?: string; pageBreak?: string }[]).filter(({ svg }) => svg !== undefined)
    expect(codes).toHaveLength(labels)
    const pages = 1 + codes.filter(({ pageBreak }) => pageBreak === 'before').length
    expect(pages).toBe(label === 'tape-12' ? labels : Math.ceil(labels / 44))
  }
  // one text, one code; another text, another code
  expect(codeSvg('W01a', 'datamatrix')).toBe(codeSvg('W01a', 'datamatrix'))
  expect(codeSvg('W01a', 'datamatrix')).not.toBe(codeSvg('W01b', 'datamatrix'))
})

test('a test record says what was asked and what was found, who signed, and how its sheet is told again', () => {
  const sheet = JSON.stringify(testRecord(leads))
  for (const said of [
    'Built, proved and signed as the record says.',
    'series work',
    'all pairs, by an analyser',
    'resistance of every net',
    '95-3f9a2c41d07be512',
    'four wires',
    'no two nets joined',
    'no interruption seen',
    'anything under 2 ms is not seen',
    'Ansa Quill',
  ])
    expect(sheet).toContain(said)
  expect(sheet).not.toContain('NOT PROVED')
  expect(sheet).not.toContain('undefined')
  expect(JSON.stringify(testRecord(loom))).toContain('NOT SIGNED')
})

test('a pinout drawing has both faces of each end, and where every wire goes', () => {
  const sheet = JSON.stringify(pinoutSheet(loom))
  expect(sheet.match(/WIRE FACE/g)).toHaveLength(4)
  expect(sheet.match(/MATING FACE/g)).toHaveLength(4)
  expect(sheet).toContain('keying K2')
})

test('the record as a workbook is read back as it was written, figures as figures', async () => {
  const { headings, rows } = recordRows(leads.state)
  const read = await readXlsx(await recordXlsx(leads.state))
  if (!read.ok) throw new Error(read.fault.kind)
  const [head, first] = read.value as unknown as readonly (readonly unknown[])[]
  expect(head?.slice(0, 4)).toEqual(headings.slice(0, 4))
  expect(String(first?.[headings.indexOf('retention N')])).toBe(String(rows[0]?.[headings.indexOf('retention N')]))
})
