import type { Page } from '@playwright/test'
import { writeXlsx } from '../src/formats/table/writeXlsx'
import { alive, expect, makeJob, quiet, strike, test } from './bench'

const grid = (page: Page) => page.getByRole('grid', { name: 'Pinout' })
const row = (page: Page, wire: string) =>
  grid(page)
    .getByRole('row')
    .filter({ has: page.getByRole('gridcell', { name: wire, exact: true }) })
const hint = (page: Page) => page.locator('[class*=gridFoot]')
const type = async (page: Page, text: string) => page.keyboard.type(text, { delay: 50 })

async function open(page: Page, title: string, csv?: string): Promise<string> {
  const id = await makeJob(page.request, title, csv)
  await page.goto(`/jobs/${id}/plan`)
  await alive(page)
  await expect(grid(page)).toBeVisible()
  return id
}

async function paste(page: Page, text: string): Promise<void> {
  await grid(page).evaluate((element, data) => {
    const clipboardData = new DataTransfer()
    clipboardData.setData('text/plain', data)
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
  }, text)
}

const wiresOf = async (page: Page, id: string) =>
  (
    (await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as {
      plan: { wires: { id: string; colour: string; type: string; lengthMm: number; signal?: string }[] }
    }
  ).plan.wires

test('cells are typed into like a spreadsheet: a fault is said at once, undone, and only a whole plan is saved', async ({
  bench: page,
}) => {
  const id = await open(page, 'Typed')
  await strike(page, 'c', 'ArrowRight', 'ArrowRight')
  await type(page, 'greenish')
  await strike(page, 'Enter', 'ArrowUp')
  await expect(hint(page)).toContainText('“greenish” is no colour: letters like RD')
  await expect(page.getByText('1 to mend')).toBeVisible()
  await strike(page, 'Control+s')
  await expect(page.getByText('1 row to mend before the plan can be saved')).toBeVisible()
  await strike(page, 'Control+z')
  await expect(row(page, 'W1').getByRole('gridcell').nth(2)).toContainText('RD')
  await type(page, 'gn/wh')
  await strike(page, 'Enter', 'Control+s')
  await expect(page.getByText(/not saved/)).toHaveCount(0)
  await expect.poll(async () => (await wiresOf(page, id))[0]?.colour).toBe('GN/WH')
})

test('a block from a spreadsheet, fill down, a new wire from the blank row, and a wire taken out', async ({
  bench: page,
}) => {
  const id = await open(page, 'Pasted')
  // a third wire in the blank row at the bottom: its id and what it shares with the one above come by themselves
  await strike(page, 'c', 'ArrowDown', 'ArrowDown', 'ArrowRight', 'ArrowRight', 'ArrowRight')
  await expect(hint(page)).toContainText('it will be W3')
  await type(page, 'P1.3')
  await strike(page, 'Enter')
  await expect(row(page, 'W3').getByRole('gridcell').nth(3)).toHaveText('P1.3')
  await strike(page, 'Control+Home', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight')
  await paste(page, '700\tsupply\n710\treturn\n')
  await expect(row(page, 'W2').getByRole('gridcell').nth(5)).toHaveText('710')
  await strike(page, 'Control+Home', 'ArrowRight', 'Shift+ArrowDown', 'Shift+ArrowDown')
  await type(page, 'TW-1.0')
  await strike(page, 'Enter', 'Control+Home', 'ArrowRight', 'Shift+ArrowDown', 'Shift+ArrowDown', 'Control+d')
  await expect(row(page, 'W3').getByRole('gridcell').nth(1)).toHaveText('TW-1.0')
  await strike(page, 'Control+Home', 'ArrowDown', 'Control+Delete', 'Control+s')
  await expect
    .poll(async () =>
      (await wiresOf(page, id)).map((wire) => `${wire.id} ${wire.type} ${String(wire.lengthMm)} ${wire.signal ?? ''}`),
    )
    .toEqual(['W1 TW-1.0 700 supply', 'W3 TW-1.0 620 '])
  // with its headings a block is laid by them, whatever their order
  await strike(page, 'Control+Home')
  await paste(page, 'Signal\tCut length\tColour\nlamp\t650\tblue\nearth\t640\tGN/YE\n')
  await strike(page, 'Control+s')
  await expect
    .poll(async () =>
      (await wiresOf(page, id)).map(
        (wire) => `${wire.id} ${wire.colour} ${String(wire.lengthMm)} ${wire.signal ?? ''}`,
      ),
    )
    .toEqual(['W1 BU 650 lamp', 'W3 GNYE 640 earth'])
})

test('filter, sort, and what was typed outlives a reload', async ({ bench: page }) => {
  await open(page, 'Kept')
  await strike(page, '/')
  await type(page, 'colour:bk')
  await expect(page.getByText('1 of 2 wires')).toBeVisible()
  await page.getByRole('textbox', { name: 'Filter the wires' }).fill('')
  await page.getByRole('columnheader', { name: 'colour' }).click()
  await expect(grid(page).getByRole('row').nth(1).getByRole('gridcell').nth(0)).toHaveText('W2')
  await strike(page, 'Control+Home', 'End')
  await type(page, 'by the mast')
  await strike(page, 'Enter')
  await page.waitForTimeout(200)
  await page.reload()
  await alive(page)
  await expect(row(page, 'W2').getByRole('gridcell').nth(9)).toHaveText('by the mast')
  await expect(page.getByText('1 not saved')).toBeVisible()
})

test('two wires share a contact where nothing is sealed; a terminal and an end with keying are added from the shelf', async ({
  bench: page,
}) => {
  const id = await open(page, 'Shared')
  await page.getByRole('button', { name: 'Add an end…' }).click()
  await page.getByLabel('Housing', { exact: true }).fill('CK-4P')
  await strike(page, 'Enter')
  await expect(page.getByText('Crackle 4 plug').first()).toBeVisible()
  await page.getByRole('button', { name: 'Add an end…' }).click()
  await page.getByLabel('Housing', { exact: true }).fill('RK-7P')
  await page.getByLabel('Keying').selectOption('K3')
  await page.getByRole('button', { name: 'Add end', exact: true }).click()
  await expect(page.getByText('Raku 7 plug')).toBeVisible()
  await grid(page).focus()
  await strike(page, 'Control+Home', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight')
  await type(page, 'A.1')
  await strike(page, 'Enter')
  await type(page, 'A.1')
  await strike(page, 'Enter', 'ArrowUp')
  await expect(hint(page)).toContainText('is taken by W1. To share its contact, write “with W1” and the side')
  await type(page, 'with W1b')
  await strike(page, 'Enter', 'Control+s')
  await expect(page.getByText(/not saved/)).toHaveCount(0)
  const job = (await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as {
    plan: { ends: { id: string; keying?: string }[]; wires: { to: unknown }[] }
  }
  expect(job.plan.wires[1]?.to).toEqual({ kind: 'with', wire: 'W1', side: 'b' })
  expect(job.plan.ends.map((end) => end.keying).filter(Boolean)).toEqual(['K3'])
})

test('what is being typed for the whole job stays while another bench writes', async ({ bench: page, request }) => {
  const id = await makeJob(request, 'Warm place')
  await page.goto(`/jobs/${id}/plan`)
  await alive(page)
  const kept = async () =>
    (await (await request.get(`/api/v1/jobs/${id}`)).json()) as {
      journal: unknown[]
      plan: { ambientC: number; supplyV?: number }
    }
  const elsewhere = async (entry: object) => {
    const seen = (await kept()).journal.length
    const data = { seen, entries: [{ ...entry, id: `other-bench-${String(seen)}`, by: 'ansa' }] }
    expect((await request.post(`/api/v1/jobs/${id}/journal`, { data })).status()).toBe(201)
    const read = page.waitForResponse((response) => response.url().includes(`/jobs/${id}/journal`))
    await page.evaluate(() => window.dispatchEvent(new Event('focus')))
    await read
    await quiet(page)
  }
  const begun = (await kept()).plan.ambientC
  const ambient = page.getByLabel('Ambient °C')
  await ambient.fill('8')
  await elsewhere({ kind: 'noted', text: 'reel is nearly empty' })
  await expect(ambient).toHaveValue('8')
  await expect(ambient).toBeFocused()
  await page.keyboard.type('5')
  // left by Tab it is written, and the next field keeps the hand
  const supply = page.getByLabel('Supply V')
  await page.keyboard.press('Tab')
  await expect.poll(async () => (await kept()).plan.ambientC).toBe(85)
  await quiet(page)
  await expect(supply).toBeFocused()
  await page.keyboard.type('24')
  await page.keyboard.press('Tab')
  await expect.poll(async () => (await kept()).plan.supplyV).toBe(24)
  await expect(supply).toHaveValue('24')
  await expect(ambient).toHaveValue('85')
  // a figure that goes back to what it was is that figure, not what was once typed over it
  await elsewhere({ kind: 'plan-changed', change: { meta: { ambientC: begun } }, facts: {} })
  await expect(ambient).toHaveValue(String(begun))
  await ambient.fill('hot')
  await page.keyboard.press('Tab')
  await expect(page.getByText('A temperature between −60 and 250 °C.')).toBeVisible()
  await page.keyboard.press('Tab')
  await expect(page.getByText('A temperature between −60 and 250 °C.')).toBeVisible()
  await ambient.fill(String(begun))
  await page.keyboard.press('Tab')
  await expect(page.getByText('A temperature between −60 and 250 °C.')).toHaveCount(0)
})

test('a change to a wire that has been worked on says first what it undoes', async ({ bench: page }) => {
  await page.goto('/jobs/deck-loom/plan?at=W01')
  await alive(page)
  await expect(grid(page)).toBeVisible()
  await strike(page, 'c', 'ArrowRight')
  await type(page, 'TW-0.75')
  await strike(page, 'Enter', 'Control+s')
  await expect(page.getByRole('heading', { name: 'This change moves or undoes work on 1 wire' })).toBeVisible()
  await expect(page.getByText('a new wire is cut')).toBeVisible()
  await expect(page.getByText('frees 1.856 m')).toBeVisible()
  // it is cut: only its author can say whether it was always so
  await expect(page.getByText('W01 (type) is cut already. Was it always so, or is it another wire?')).toBeVisible()
  await expect(page.getByRole('button', { name: /Apply the revision/ })).toBeDisabled()
  await page.getByLabel('Why the plan was wrong').fill('the reel was read wrongly')
  await page.getByRole('button', { name: 'It was always so' }).click()
  await expect(page.getByRole('heading', { name: 'This change undoes no work' })).toBeVisible()
  await page.getByRole('button', { name: 'Another wire: scrap the old' }).click()
  await expect(page.getByText('a new wire is cut')).toBeVisible()
  await expect(page.getByRole('button', { name: /Apply the revision/ })).toBeEnabled()
  await page.getByRole('button', { name: /Back to the pinout/ }).click()
  await expect(grid(page)).toBeVisible()
  await page.getByRole('button', { name: 'Discard 1 change' }).click()
  await expect(page.getByText(/not saved/)).toHaveCount(0)
})

test('a workbook with headings of its own: the guess is shown, set right, and remembered', async ({ bench: page }) => {
  const id = await open(page, 'From a workbook')
  const bytes = Buffer.from(
    await (
      await writeXlsx(
        ['No', 'Cond', 'Color', 'From', 'From cavity', 'Len (mm)', 'Net'],
        [
          ['X1', 'TW-0.75', 'BU', 'P1', '1', 500, 'wake'],
          ['X2', 'TW-0.75', 'GN', 'P1', '2', 510, 'sleep'],
        ],
        'pinout',
      )
    ).arrayBuffer(),
  )
  const file = {
    name: 'their pinout.xlsx',
    mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
    buffer: bytes,
  }
  await page.getByRole('button', { name: 'Import a pinout…' }).click()
  await page.getByLabel('Pinout: choose a file').setInputFiles(file)
  await expect(page.getByText('2 rows to mend in the grid')).toBeVisible()
  await page.getByLabel('Cond').selectOption('type')
  await expect(page.getByText('to mend in the grid')).toHaveCount(0)
  await page.getByRole('button', { name: 'Replace the pinout by 2 wires' }).click()
  await expect(row(page, 'X2').getByRole('gridcell').nth(6)).toHaveText('sleep')
  await page.getByRole('button', { name: 'Import a pinout…' }).click()
  await page.getByLabel('Pinout: choose a file').setInputFiles(file)
  await expect(page.getByLabel('Cond')).toHaveValue('type')
  await strike(page, 'Escape', 'Escape', 'Control+s')
  await expect.poll(async () => (await wiresOf(page, id)).map((wire) => wire.id)).toEqual(['X1', 'X2'])
})

test('a file that is no workbook is refused in a sentence', async ({ bench: page }) => {
  await open(page, 'No workbook')
  await page.getByRole('button', { name: 'Import a pinout…' }).click()
  await page.getByLabel('Pinout: choose a file').setInputFiles({
    name: 'x.xlsx',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from('not a zip at all, but long enough to be looked at'),
  })
  await expect(page.getByText('This is no XLSX workbook.')).toBeVisible()
})

test('two tables of one half each are joined by signal', async ({ bench: page }) => {
  await open(page, 'Halves')
  await page.getByRole('button', { name: 'Import a pinout…' }).click()
  await page.getByRole('button', { name: /Two halves/ }).click()
  await page.getByLabel('Cavity and signal', { exact: true }).fill('pin,signal,colour\n3,bilge,VT\n2,lamp,')
  await page.getByLabel('Cavity and signal, second', { exact: true }).fill('pin,signal\n1,Bilge')
  await expect(page.getByText('Left over: P1.2 lamp')).toBeVisible()
  await page.getByRole('button', { name: 'Add 1 wire to the pinout' }).click()
  await expect(row(page, 'W3').getByRole('gridcell').nth(3)).toHaveText('P1.3')
})

test('which family: what qualifies is added as an end, and each other one says why not', async ({ bench: page }) => {
  await open(page, 'Which family')
  await page.getByRole('button', { name: 'Which family?' }).click()
  await page.getByLabel('Ways').fill('2')
  await page.getByLabel('Largest wire').fill('16 mm2')
  await page.getByLabel('Largest load').fill('70 A')
  await expect(page.getByText('Stoneware 3 plug, 3 ways')).toBeVisible()
  await expect(page.getByText('takes 0.4 to 1.6 mm²')).toBeVisible()
  const sides = page.getByRole('table', { name: 'Families side by side' })
  await expect(sides.getByRole('row', { name: /Stoneware/ }).first()).toContainText('mates with')
  await page.getByRole('button', { name: 'Add as end A' }).click()
  await expect(page.getByRole('button', { name: /A Stoneware 3 plug/ })).toBeVisible()
})

test('a mated pair is checked cavity by cavity, colour to colour', async ({ bench: page }) => {
  const pair = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,signal
W1,TW-0.75,RD,A,1,CM-3P,,,,300,supply
W2,TW-0.75,BK,A,2,CM-3P,,,,300,return
W3,TW-0.75,RD,B,1,CM-3R,,,,300,supply
W4,TW-0.75,BN,B,2,CM-3R,,,,300,return
`
  await open(page, 'Pair', pair)
  await page.getByRole('button', { name: 'Check a mated pair' }).click()
  await expect(page.getByText('1 cavity to look at')).toBeVisible()
  await expect(page.getByText('other colour')).toBeVisible()
})

test('a thousand wires are scrolled with few of them drawn', async ({ bench: page }) => {
  const lines = Array.from(
    { length: 1000 },
    (_, i) => `W${String(i + 1)},TW-0.75,RD,E${String(Math.floor(i / 3))},${String((i % 3) + 1)},CM-3P,,,,300,`,
  )
  await open(
    page,
    'Thousand',
    `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,signal\n${lines.join('\n')}\n`,
  )
  await strike(page, 'c', 'Control+End')
  await expect(row(page, 'W1000')).toBeVisible()
  expect(await grid(page).getByRole('row').count()).toBeLessThan(60)
})
