import { zipSync, strToU8 } from 'fflate'
import fc from 'fast-check'
import { expect, test } from 'vitest'
import { readXlsx } from './readXlsx'
import { xlsxFaultWords } from '../../words/workbook'
import { writeXlsx } from './writeXlsx'
import { checkXlsx } from './xlsxSizes'

const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer())
const sheet = (rows: number) =>
  `<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>${'<row><c><v>0</v></c></row>'.repeat(rows)}</sheetData></worksheet>`

test('what is written as XLSX is read as the same cells', async () => {
  const bytes = await bytesOf(
    await writeXlsx(
      ['wire', 'length mm'],
      [
        ['W01', 1840],
        ['=1+1', undefined],
      ],
      'deck/loom',
    ),
  )
  expect(await readXlsx(bytes)).toEqual({
    ok: true,
    value: [
      ['wire', 'length mm'],
      ['W01', '1840'],
      ['=1+1', ''],
    ],
  })
})

test('a bomb is refused by what its list says, before anything is unpacked', () => {
  const bomb = zipSync(
    { 'xl/workbook.xml': strToU8('<workbook/>'), 'xl/worksheets/sheet1.xml': new Uint8Array(40 * 2 ** 20) },
    { level: 9 },
  )
  expect(bomb.byteLength).toBeLessThan(60_000)
  const checked = checkXlsx(bomb)
  expect(checked).toMatchObject({ ok: false, fault: { kind: 'unpacks-too-much' } })
  expect(!checked.ok && xlsxFaultWords(checked.fault)).toMatch(/unpack \d+ times/)
  const larger = zipSync({ 'xl/workbook.xml': strToU8('<workbook/>'), a: new Uint8Array(70 * 2 ** 20) }, { level: 1 })
  expect(checkXlsx(larger)).toMatchObject({ ok: false, fault: { kind: 'unpacks-too-large' } })
})

test.each<[string, Uint8Array]>([
  ['a text', strToU8('wire,type\nW1,TW-0.5')],
  ['a zip that is no workbook', zipSync({ 'a.txt': strToU8('hello') })],
  ['a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, ...new Array<number>(40).fill(0)])],
  ['nothing', new Uint8Array(0)],
])('%s is no workbook', async (_what, bytes) => {
  expect(await readXlsx(bytes)).toEqual({ ok: false, fault: { kind: 'no-xlsx' } })
})

test('a workbook with a broken sheet says so', async () => {
  const broken = zipSync({ 'xl/workbook.xml': strToU8('<workbook'), 'xl/worksheets/sheet1.xml': strToU8(sheet(2)) })
  expect(await readXlsx(broken)).toMatchObject({ ok: false, fault: { kind: 'unreadable' } })
})

test('whatever bytes come, there is a verdict and no exception', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 400 }), fc.boolean(), (bytes, zipped) => {
      const given = zipped
        ? new Uint8Array([0x50, 0x4b, 3, 4, ...bytes, 0x50, 0x4b, 5, 6, ...bytes.slice(0, 18)])
        : bytes
      expect(checkXlsx(given).ok).toBe(false)
    }),
  )
})

/** A workbook of one sheet, as the format has it. */
const workbook = (rows: string) =>
  zipSync({
    '[Content_Types].xml': strToU8(
      '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="xml" ContentType="application/xml"/><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/></Types>',
    ),
    '_rels/.rels': strToU8(
      '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="xl/workbook.xml"/></Relationships>',
    ),
    'xl/workbook.xml': strToU8(
      '<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="Loom" sheetId="1" r:id="rId1"/></sheets></workbook>',
    ),
    'xl/_rels/workbook.xml.rels': strToU8(
      '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/></Relationships>',
    ),
    'xl/worksheets/sheet1.xml': strToU8(
      `<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>${rows}</sheetData></worksheet>`,
    ),
  })
const text = (at: string, said: string) => `<c r="${at}" t="inlineStr"><is><t>${said}</t></is></c>`

test('a cell with an error, or with a formula that nobody computed, is not read as empty', async () => {
  const bytes = workbook(
    `<row r="1">${text('A1', 'wire')}${text('B1', 'length')}${text('C1', 'note')}</row>` +
      `<row r="2">${text('A2', 'W1')}<c r="B2" t="e"><f>C9*2</f><v>#REF!</v></c>${text('C2', 'x')}</row>` +
      `<row r="3">${text('A3', 'W2')}<c r="B3"><f>B2*2</f></c>${text('C3', 'y')}</row>` +
      `<row r="4">${text('A4', 'W3')}<c r="B4"><f>600+20</f><v>620</v></c>${text('C4', 'z')}</row>`,
  )
  expect(await readXlsx(bytes)).toEqual({
    ok: true,
    value: [
      ['wire', 'length', 'note'],
      ['W1', '#REF!', 'x'],
      ['W2', '=B2*2', 'y'],
      ['W3', '620', 'z'],
    ],
  })
})
