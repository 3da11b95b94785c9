import { writeXlsx } from '../src/formats/table/writeXlsx'
import { alive, expect, leadCsv, strike, test } from './bench'
import { cell } from './sheets'

const paste = 'or paste its rows, headings first'
const faults = (page: import('@playwright/test').Page) => page.getByRole('list', { name: 'Faults' })

test('each fault of a pinout names row, column, what is there and what would be right; nothing is written', async ({
  bench: page,
}) => {
  const before = (await (await page.request.get('/api/v1/jobs')).json()) as { jobs: unknown[] }
  await page.goto('/new')
  await alive(page)
  const bad = leadCsv
    .replace('W2,TW-0.75,BK,P1,2', 'W1,TW-9,blackish,P1,7')
    .replace(',620 mm,beacon return', ',-5,beacon return')
  await page.getByLabel(paste).fill(bad)
  await expect(faults(page)).toContainText('Row 3, wire: “W1” stands in row 2 already')
  await expect(faults(page)).toContainText('Row 3, type: “TW-9” is no wire type on the shelf; there are')
  await expect(faults(page)).toContainText('Row 3, colour: “blackish” is no colour: letters like RD')
  await expect(faults(page)).toContainText('Row 3, from cavity: “7” is no cavity of CM-3P; it has 1, 2, 3')
  await expect(faults(page)).toContainText('Row 3, length: -5 is not above 0.')
  await expect(page.getByRole('button', { name: /Make the job/ })).toBeDisabled()
  expect(((await (await page.request.get('/api/v1/jobs')).json()) as { jobs: unknown[] }).jobs).toHaveLength(
    before.jobs.length,
  )
})

test('what was typed outlives a reload', async ({ bench: page }) => {
  await page.goto('/new')
  await alive(page)
  await page.getByLabel(paste).fill(leadCsv)
  await page.getByLabel('Title').fill('Half typed')
  await page.waitForTimeout(300)
  await page.reload()
  await alive(page)
  await expect(page.getByLabel(paste)).toHaveValue(leadCsv)
  await expect(page.getByLabel('Title')).toHaveValue('Half typed')
})

test('headings of one’s own words are guessed by what stands below them, told, and remembered', async ({
  bench: page,
}) => {
  const own = leadCsv.replace('wire,', 'Ader,').replace('colour,', 'Farbe,').replace('signal,', 'Netz,')
  await page.goto('/new')
  await alive(page)
  await page.getByLabel(paste).fill(own)
  const headings = page.getByRole('region', { name: 'Headings of your own' })
  await expect(headings.getByLabel(/^Ader/)).toHaveValue('wire')
  await expect(headings.getByLabel(/^Farbe/)).toHaveValue('colour')
  await expect(headings.getByLabel(/^Netz/)).toHaveValue('')
  await headings.getByLabel(/^Netz/).selectOption('signal')
  await expect(page.getByRole('table', { name: /pinout/i })).toContainText('beacon supply')
  await page.reload()
  await alive(page)
  await expect(headings.getByLabel(/^Netz/)).toHaveValue('signal')
  await page.getByLabel('Title').fill('Own words')
  await expect(page.getByRole('button', { name: /Make the job/ })).toBeEnabled()
  // Enter in a list sends the form as well
  await page.getByLabel('What is to be done').press('Enter')
  await page.waitForURL('**/plan')
  await expect(page.getByText('beacon return').first()).toBeVisible()
})

test('one row that cannot be read does not hold back the others: it waits in the grid of the job', async ({
  bench: page,
}) => {
  await page.goto('/new')
  await alive(page)
  await page.getByLabel(paste).fill(leadCsv.replace('W2,TW-0.75,BK', 'W2,TW-9,BK'))
  await page.getByLabel('Title').fill('Half faulty')
  await page.getByRole('button', { name: 'Make it of the rows that can be read; 1 row waits in its grid' }).click()
  await page.waitForURL('**/plan')
  await alive(page)
  const grid = page.getByRole('grid')
  await expect(grid).toContainText('beacon supply')
  await expect(grid).toContainText('TW-9')
  await expect(page.getByText('1 to mend')).toBeVisible()
  // still there after a reload, and gone once it is mended and saved
  await page.reload()
  await alive(page)
  await expect(grid).toContainText('TW-9')
  // what is sound is saved beside it
  await (await cell(page, 'Pinout', 'signal')).click()
  await page.keyboard.type('lamp')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Save the sound rows; 1 row stays as typed' }).click()
  await expect(page.getByText('1 not saved')).toBeVisible()
  await expect(grid).toContainText('TW-9')
  await expect(grid).toContainText('lamp')
})

test('an end without a housing waits for its pick', async ({ bench: page }) => {
  await page.goto('/new')
  await alive(page)
  await page
    .getByLabel(paste)
    .fill('wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,TW-0.75,RD,P1,1,P2,1,620')
  await expect(faults(page)).toContainText('end P1 has no housing yet')
  await page.getByLabel('Housing of end P1, 1 wire').selectOption('CM-3P')
  await page.getByLabel('Housing of end P2, 1 wire').selectOption('SW-2P')
  await expect(page.getByText('1 wire, 2 ends: all can be read.')).toBeVisible()
  await page.getByLabel('Title').fill('Picked')
  await strike(page, 'Escape', 'Enter')
  await page.waitForURL('**/plan')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Picked')
})

test('a workbook is read like a CSV, with a ring and a splice at its far sides', async ({ bench: page }) => {
  const rows = [
    ['W1', 'TW-1.0', 'RD', 'A', '1', 'CM-3P', 'RG-1-4', '', 300],
    ['W2', 'TW-1.0', 'BK', 'A', '2', 'CM-3P', 'splice S1', '', 300],
    ['W3', 'TW-1.0', 'BK', 'A', '3', 'CM-3P', 'splice S1', '', 400],
  ]
  const headings = [
    'wire',
    'type',
    'colour',
    'from end',
    'from cavity',
    'from housing',
    'to end',
    'to cavity',
    'length',
  ]
  await page.goto('/new')
  await alive(page)
  await page.getByLabel('Pinout file').setInputFiles({
    name: 'ring lead.xlsx',
    mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
    buffer: Buffer.from(await (await writeXlsx(headings, rows, 'pinout')).arrayBuffer()),
  })
  await expect(page.getByText('3 wires, 1 end: all can be read.')).toBeVisible()
  await expect(page.getByLabel('Title')).toHaveValue('ring lead')
  await page.getByLabel('Pinout file').setInputFiles({
    name: 'other.xlsx',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from('not a zip at all, but long enough to be looked at'),
  })
  await expect(page.getByText('This is no XLSX workbook.')).toBeVisible()
  await expect(page.getByText('3 wires, 1 end: all can be read.')).toBeVisible()
  await strike(page, 'Escape', 'Enter')
  await page.waitForURL('**/plan')
  await expect(page.getByRole('grid', { name: 'Pinout' })).toContainText('splice S1')
})

for (const [what, file, sentence] of [
  ['binary rubbish', Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 255, 254, 1, 2]), 'pinout.csv is no text'],
  ['wrong columns', Buffer.from('pin;name\n1;x\n'), 'The first row must name the columns'],
  [
    'a hundred thousand rows',
    Buffer.from(`${leadCsv.split('\n')[0] ?? ''}\n` + 'W1,TW-0.75,RD,P1,1,CM-3P,P2,1,SW-2P,620,a,1\n'.repeat(100_000)),
    'too many for one harness',
  ],
] as const) {
  test(`a file of ${what} is refused with a sentence that helps`, async ({ bench: page }) => {
    await page.goto('/new')
    await alive(page)
    await page.getByLabel('Pinout file').setInputFiles({ name: 'pinout.csv', mimeType: 'text/csv', buffer: file })
    await expect(page.getByText(sentence).first()).toBeVisible({ timeout: 15_000 })
    await expect(page.getByRole('button', { name: /Make the job/ })).toBeDisabled()
  })
}

test('a file of an older program is asked about, with two lines both ways, and read as it was meant', async ({
  bench: page,
}) => {
  const text = leadCsv.replace('beacon supply', 'für die Länge').replace('beacon return', 'grün')
  await page.goto('/new')
  await alive(page)
  await page
    .getByLabel('Pinout file')
    .setInputFiles({ name: 'alt.csv', mimeType: 'text/csv', buffer: Buffer.from(text, 'latin1') })
  const question = page.getByRole('region', { name: 'How is this file written?' })
  await expect(question).toContainText('für die Länge')
  await expect(question).toContainText('f\uFFFDr die L\uFFFDnge')
  await question.getByRole('button', { name: 'Read it as Windows-1252' }).click()
  await expect(page.getByRole('cell', { name: 'für die Länge' })).toBeVisible()
  await expect(page.getByText('\uFFFD')).toHaveCount(0)
})
