import { expect, type Page } from '@playwright/test'
import { alive, nextStep, quiet, strike } from './bench'
import { beginFrame, enterStripper, saveTool } from './enterTools'
import { doNextStep } from './handWork'
import { own } from './ownBench'
import { cell, pasteInto } from './sheets'
import { watchHands } from './watchHands'

/** A sealed connector of twelve ways with two contact sizes, wire seals, a wedge in each half, and two tools: as its sheet has it. */
const housings = {
  rows: [
    ['4', 'E08', '4.3', '5.3'],
    ['3', 'E24', '6.2', '0'],
    ['5', 'E08', '4.3', '-5.3'],
  ],
  keys: [
    ['slot', '-5', '8.4', '1.8', '1.6'],
    ['slot', '6.5', '-8.4', '1.8', '1.6'],
  ],
} as const
const sizes = [
  ['E08', '2.4', '30', 'EP-08'],
  ['E24', '4.6', '60', 'EP-24'],
] as const
const contacts = [
  ['ES-08', 'closed-barrel', 'E08', 'socket', '0.35', '0.75', 'tin', '7', '110', '2.2', '4', '1.3', '2', '1.6'],
  ['EN-08', 'closed-barrel', 'E08', 'pin', '0.35', '0.75', 'tin', '7', '110', '2.2', '4', '1.3', '2', '1.6'],
  ['ES-24', 'closed-barrel', 'E24', 'socket', '1', '2.5', 'tin', '20', '110', '4.3', '6', '2.4', '3.4', '2.4'],
  ['EN-24', 'closed-barrel', 'E24', 'pin', '1', '2.5', 'tin', '20', '110', '4.3', '6', '2.4', '3.4', '2.4'],
] as const
const contactColumns = [
  'part',
  'made',
  'size',
  'gender',
  'wire from',
  'wire to',
  'plating',
  'rated A',
  'to °C',
  'crimped',
  'barrel depth',
  'barrel bore',
  'barrel outer',
  'hole at',
] as const
const seals = [
  ['EW-08', '1.3', '1.9', '2.4', '6'],
  ['EW-24', '2.2', '3', '4.6', '7'],
] as const
const settings = [
  ['QF-8', 'ES-08', '0.35', '0.75', 'QP-1', '4', '4.2', '4.6'],
  ['QF-8', 'EN-08', '0.35', '0.75', 'QP-2', '4', '4.2', '4.6'],
  ['QF-24', 'ES-24', '1', '2.5', 'QP-3', '6', '6.2', '6.8'],
  ['QF-24', 'EN-24', '1', '2.5', 'QP-4', '6', '6.2', '6.8'],
] as const
const tsv = (columns: readonly string[], rows: readonly (readonly string[])[]) =>
  [columns, ...rows].map((row) => row.join('\t')).join('\n')

/** How tables come onto the sheets: typed cell by cell, or pasted with their headings. */
type Put = (
  page: Page,
  sheet: string,
  columns: readonly string[],
  rows: readonly (readonly string[])[],
) => Promise<void>
const typed: Put = async (page, sheet, columns, rows) => {
  for (const [r, row] of rows.entries())
    for (const [c, text] of row.entries()) {
      await (await cell(page, sheet, columns[c] ?? '', r + 1)).click()
      await page.keyboard.type(text)
      await page.keyboard.press('Tab')
    }
  await quiet(page)
}
const pasted: Put = (page, sheet, columns, rows) => pasteInto(page, sheet, columns[0] ?? '', tsv(columns, rows))

const fill = async (page: Page, label: string, text: string) =>
  page.getByLabel(label, { exact: true }).first().fill(text)
const choose = async (page: Page, group: string, words: string) =>
  page.getByRole('radiogroup', { name: group }).getByText(words, { exact: true }).click()

async function sayLock(page: Page, part: string): Promise<void> {
  await fill(page, 'Lock part number', part)
  await choose(page, 'Goes in from', 'front')
  await choose(page, 'Comes out', 'hooked')
  await fill(page, 'Stop, mm in', '7')
  await fill(page, 'Home, mm in', '14.2')
}

/** The whole family on screen, from its sheet. */
async function enterFamily(page: Page, put: Put): Promise<void> {
  await page.goto('/shelf?show=new')
  await alive(page)
  await fill(page, 'Family', 'Engobe')
  await fill(page, 'Id', 'engobe')
  await page.getByLabel(/^Sheet/).fill('Engobe sheet')
  await fill(page, 'Revision', '2')
  await page.getByRole('radio', { name: 'a seal on each wire' }).click()
  await page.getByRole('radio', { name: 'finger of the housing' }).click()
  await page.getByRole('radio', { name: 'wedge' }).click()
  await strike(page, 'Escape', '2')
  await page.getByRole('button', { name: 'Add a housing' }).click()
  await fill(page, 'Housing part', 'EN-12P')
  await fill(page, 'Name', 'Engobe 12 plug')
  await put(page, 'Cavities', ['ways', 'size', 'pitch mm', 'from middle mm'], housings.rows)
  await put(page, 'Keys and slots', ['is a', 'x mm', 'y mm', 'wide mm', 'high mm'], housings.keys)
  await fill(page, 'Width mm', '28')
  await fill(page, 'Height mm', '19')
  await page.getByRole('button', { name: 'Make its mate' }).click()
  await fill(page, 'Housing part', 'EN-12R')
  await fill(page, 'Name', 'Engobe 12 receptacle')
  await expect(page.getByRole('status', { name: 'How the halves meet' })).toContainText('12 of 12 cavities meet')
  await strike(page, 'Escape', '3')
  await put(page, 'Contact sizes', ['size', 'bore mm', 'retention N', 'plug part'], sizes)
  await strike(page, 'Escape', '4')
  await put(page, 'Contacts', contactColumns, contacts)
  await strike(page, 'Escape', '5')
  await put(page, 'Wire seals', ['part', 'insul. from', 'insul. to', 'bore', 'length'], seals)
  await strike(page, 'Escape', '6', '[')
  await sayLock(page, 'EN-WP')
  await strike(page, 'Escape', ']')
  await sayLock(page, 'EN-WR')
  await strike(page, 'Escape', '7')
  await put(
    page,
    'Placard rows',
    ['tool', 'contact', 'wire from', 'wire to', 'positioner', 'selector', 'strip from', 'strip to'],
    settings,
  )
  await expect(page.getByRole('list', { name: 'What the crib does not know' })).toContainText('QF-8 is not in the crib')
  await strike(page, 'Escape', 'Control+s')
  await expect(page.getByRole('heading', { name: 'Engobe', exact: true })).toBeVisible()
}

async function enterTool(page: Page, id: string, name: string, positioners: string): Promise<void> {
  await page.goto('/crib?show=new')
  await alive(page)
  await beginFrame(page, { id, name, source: 'its card', positioners })
  await saveTool(page)
}

async function begin(page: Page): Promise<void> {
  await page.goto('/')
  await alive(page)
  await page.getByLabel('Your name').fill('Imke Rask')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Who works here?' })).toHaveCount(0)
}

/** The family as a package, as it leaves the bench. */
async function exportedFamily(page: Page): Promise<object> {
  const { families, placards } = (await (await page.request.get('/shelf/export?family=engobe&as=json')).json()) as {
    families: unknown
    placards: unknown
  }
  return { families, placards }
}

/** A job of twelve wires from its pinout, as somebody who stands anywhere makes it. */
async function makeTwelveWires(page: Page): Promise<void> {
  await strike(page, 'g', 't')
  await page.waitForURL(/:\d+\/$/)
  await alive(page)
  await strike(page, 'n')
  await page.waitForURL('**/new')
  await alive(page)
  const rows = Array.from({ length: 12 }, (_, i) => {
    const big = i >= 4 && i <= 6
    return `W${String(i + 1)},${big ? 'OW-20' : 'OW-05'},RD,A,${String(i + 1)},EN-12P,B,${String(i + 1)},EN-12R,600 mm`
  })
  await page.getByLabel('or paste its rows, headings first').focus()
  await page.keyboard.insertText(
    `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length\n${rows.join('\n')}\n`,
  )
  await page.getByLabel('Title').fill('Twelve wires')
  await expect(page.getByText('12 wires, 2 ends: all can be read.')).toBeVisible()
  await strike(page, 'Escape', 'Enter')
  await page.waitForURL('**/plan')
  await alive(page)
}

/** The record of the job that is open. */
const record = async (page: Page) =>
  (await page.request.get(page.url().replace(/\/jobs\/([^/]+)\/.*/, '/api/v1/jobs/$1'))).text()

/** What was chosen for every wire of it: contact, seal, tool and setting. */
async function chosenSets(page: Page): Promise<unknown> {
  const { journal } = JSON.parse(await record(page)) as { journal: readonly { kind: string; choices?: unknown }[] }
  return journal.flatMap((entry) => (entry.kind === 'sets-chosen' ? [entry.choices] : []))
}

let byHand: unknown
let bySheet: { readonly shelf: string; readonly sets: unknown } | undefined

own(
  'a sealed family of twelve ways with its two tools is entered by hand in at most 200 typed fields',
  async ({ own: { page } }) => {
    own.setTimeout(300_000)
    await begin(page)
    const hands = await watchHands(page)
    await enterFamily(page, typed)
    await enterTool(page, 'QF-8', 'Small frame', 'QP-1 QP-2')
    await enterTool(page, 'QF-24', 'Large frame', 'QP-3 QP-4')
    const { fields } = await hands.count()
    own.info().annotations.push({ type: 'typed fields, by hand', description: String(fields) })
    expect(fields).toBeLessThanOrEqual(200)
    byHand = await exportedFamily(page)
    expect(byHand).toMatchObject({
      families: [{ housings: [{ secondLock: { access: 'front', partWayMm: 7 } }, { secondLock: { homeMm: 14.2 } }] }],
    })
  },
)

own(
  'from pasted sheets it takes at most 30, is the same family, and a job of twelve wires comes to its first setup',
  async ({ own: { page } }) => {
    own.setTimeout(300_000)
    await begin(page)
    const hands = await watchHands(page)
    await enterFamily(page, pasted)
    await enterTool(page, 'QF-8', 'Small frame', 'QP-1 QP-2')
    await enterTool(page, 'QF-24', 'Large frame', 'QP-3 QP-4')
    const { fields } = await hands.count()
    own.info().annotations.push({ type: 'typed fields, pasted', description: String(fields) })
    expect(fields).toBeLessThanOrEqual(30)
    expect(await exportedFamily(page)).toEqual(byHand)

    await page.goto('/shelf?show=wires')
    await alive(page)
    await pasteInto(
      page,
      'New wire types',
      'wire',
      'part\tawg\tstrands\tstrand\tod\tmaterial\nOW-05\t0.5 mm2\t19\t0.18\t1.6\tPVC\nOW-20\t2 mm2\t37\t0.26\t2.6\tPVC\n',
    )
    await page.getByLabel('Figures from').fill('reel label')
    await strike(page, 'Escape', 'Control+s')
    await expect(page.getByText('On the rack: 2 added, 0 changed.')).toBeVisible()
    await page.goto('/crib?show=new')
    await alive(page)
    await enterStripper(page, [
      ['20', '1.1'],
      ['18', '1.3'],
      ['14', '2.0'],
    ])

    const pressed = await watchHands(page)
    await makeTwelveWires(page)
    bySheet = { shelf: await (await page.request.get('/shelf/export?as=json')).text(), sets: await chosenSets(page) }
    for (let steps = 0; steps < 60 && !(await record(page)).includes('"setup-released"'); steps++)
      await doNextStep(page)
    expect(await record(page)).toContain('"setup-released"')
    const { presses } = await pressed.count()
    own.info().annotations.push({ type: 'presses to the first released setup', description: String(presses) })
    expect(presses).toBeLessThanOrEqual(120)
    await expect(nextStep(page)).toBeVisible()
  },
)

own('the same shelf as one package gives the same sets', async ({ own: { page } }) => {
  if (!bySheet) throw new Error('the shelf was not entered')
  await begin(page)
  await page.goto('/shelf?show=import')
  await alive(page)
  await page
    .getByLabel('Package file')
    .setInputFiles({ name: 'shelf.json', mimeType: 'application/json', buffer: Buffer.from(bySheet.shelf) })
  await page.getByRole('button', { name: /^Take \d+ parts? in$/ }).click()
  await expect(page.getByText('Taken in: 8 added')).toBeVisible()
  await makeTwelveWires(page)
  const sets = await chosenSets(page)
  expect(sets).toEqual(bySheet.sets)
  expect(JSON.stringify(sets)).toContain('EW-24')
})
