import { writeYaml } from '../src/formats/yaml'
import type { Page } from '@playwright/test'
import { alive, expect, makeJob, strike, test } from './bench'
import { cell, pasteInto, sheet } from './sheets'

const type = async (page: Page, text: string) => page.keyboard.type(text, { delay: 45 })

test('a new family from its sheet, by keyboard and paste, then used in a job', async ({ bench: page }) => {
  await page.goto('/shelf')
  await alive(page)
  await strike(page, 'n')
  await expect(page.getByRole('heading', { name: 'New family from its sheet' })).toBeVisible()
  await page.getByLabel('Family', { exact: true }).focus()
  await type(page, 'Brick')
  await strike(page, 'Tab')
  await type(page, 'brick')
  await strike(page, 'Tab')
  await type(page, 'Brick sheet 1')
  await strike(page, 'Escape', '3')
  await pasteInto(page, 'Contact sizes', 'size', 'size\tbore\tretention\nBR\t2.4 mm\t20 N\n')
  await expect(page.getByText('1 row pasted by their headings')).toBeVisible()
  const couldNot = page.getByRole('region', { name: 'A job could not yet' })
  await expect(couldNot).toContainText('draw a face')
  await strike(page, 'Escape', '2')
  await page.getByRole('button', { name: 'Add a housing' }).click()
  await page.getByLabel('Housing part').focus()
  await type(page, 'BR-7')
  await pasteInto(page, 'Cavities', 'ways', 'ways\tpitch\n3\t3.4\n4\t3.4\n')
  await page.getByLabel('Row pitch mm').fill('3.6')
  await page.getByLabel('Counted').selectOption('snake')
  await expect(page.getByLabel('Contact size', { exact: true })).toHaveValue('BR')
  await expect(page.getByText('7 ways: 1 2 3 7 6 5 4')).toBeVisible()
  await expect(couldNot).toContainText('no mate for BR-7')
  await page.getByLabel('Housing part').focus()
  await strike(page, 'Escape', '4')
  // a sheet with its own headings, in its own order, and a column that nobody needs
  await pasteInto(
    page,
    'Contacts',
    'part',
    'Part number\tConstruction\tSize\tGender\tPlating\tWire from\tWire to\tColour\nBR-S\topen-barrel\tBR\tsocket\ttin\t0.2\tthick\tgreen\n',
  )
  await expect(page.getByText('not read: Colour')).toBeVisible()
  await expect(page.getByText('1 to mend')).toBeVisible()
  await (await cell(page, 'Contacts', 'wire to')).click()
  await type(page, '0.5')
  await strike(page, 'Enter')
  await expect(page.getByRole('region', { name: 'The contact in hand' })).toContainText('BR-S')
  await expect(couldNot).toContainText('no setting for BR-S')
  await strike(page, 'Escape', '7')
  await pasteInto(
    page,
    'Placard rows',
    'tool',
    'tool\tcontact\twire from\twire to\tdie\tstrip from\tstrip to\nPF-10\tBR-S\t0.2\t0.5\tD9\t2.6\t3.2\n',
  )
  await strike(page, 'Control+s')
  await expect(page.getByRole('heading', { name: 'Brick', exact: true })).toBeVisible()
  await expect(page.getByText('Brick sheet 1').first()).toBeVisible()
  await expect(page.getByText('not on the sheet').first()).toBeVisible()

  const csv =
    'wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length\nW1,TW-0.35,RD,A,4,BR-7,,,,300\n'
  const id = await makeJob(page.request, 'With bricks', csv)
  await page.goto(`/jobs/${id}/kit`)
  await alive(page)
  await expect(page.getByRole('option', { name: /W1a/ })).toContainText('PF-10 · D9')
  await expect(page.getByText('2.6 to 3.2 mm')).toBeVisible()
  await expect(page.getByText('bore or crimped size is not on the sheet')).toBeVisible()
})

test('a family with faults is not written; each is named with its table, row and column', async ({ bench: page }) => {
  await page.goto('/shelf?show=new')
  await alive(page)
  await page.getByLabel('Family', { exact: true }).fill('Half')
  await page.getByLabel('Id', { exact: true }).fill('bisque')
  await strike(page, 'Escape', 'Control+s')
  await expect(page.getByRole('alert').filter({ hasText: 'Sheet: Empty: fill it in.' })).toBeVisible()
  await page.getByLabel(/^Sheet/).fill('a sheet')
  await strike(page, 'Escape', 'Control+s')
  await expect(page.getByRole('alert').filter({ hasText: 'There is a family bisque already' })).toBeVisible()
  await page.reload()
  await alive(page)
  await expect(page.getByLabel('Family', { exact: true })).toHaveValue('Half')
  await page.getByRole('button', { name: 'Leave it' }).click()
})

test('a family is duplicated, and the copy changed', async ({ bench: page }) => {
  await page.goto('/shelf?show=duplicate&family=crackle')
  await alive(page)
  await expect(page.getByLabel('Id', { exact: true })).toHaveValue('crackle-2')
  await page.getByLabel('Family', { exact: true }).fill('Crackle long')
  await strike(page, 'Escape', 'Control+s')
  await expect(page.getByRole('heading', { name: 'Crackle long' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Contacts' }).or(page.getByLabel('Contacts'))).toContainText('CK-SK-2')
})

test('a package shows what it would change before anything is written, and a job says that its facts are older', async ({
  bench: page,
}) => {
  await page.goto('/shelf?show=import')
  await alive(page)
  const exported = (await (await page.request.get('/shelf/export?family=slipware&as=json')).json()) as {
    families: { contacts: { id: string; ratedA?: number }[] }[]
  }
  for (const contact of exported.families[0]?.contacts ?? []) if (contact.id === 'SC-03-08') contact.ratedA = 8
  const give = (text: string, name = 'package.yaml') =>
    page.getByLabel('Package file').setInputFiles({ name, mimeType: 'text/yaml', buffer: Buffer.from(text) })
  await give(writeYaml({ ...exported, version: 9 }))
  await expect(page.getByText('Refused. Nothing was written.')).toBeVisible()
  await give(writeYaml(exported))
  await expect(page.getByText('contacts.SC-03-08.ratedA: 9 → 8')).toBeVisible()
  await page.getByRole('button', { name: 'Take 1 part in' }).click()
  await expect(page.getByText('Taken in: 0 added, 1 changed')).toBeVisible()

  await page.goto('/jobs/deck-loom/plan')
  await alive(page)
  await page.getByRole('button', { name: '1 fact older than the shelf' }).click()
  await expect(page.getByText('ratedA: 9 → 8')).toBeVisible()
  await page.getByRole('button', { name: 'Take the shelf’s figures' }).click()
  await expect(page.getByText('The job rests on the shelf’s figures now')).toBeVisible()
  await expect(page.getByRole('button', { name: /older than the shelf/ })).toHaveCount(0)
})

test('what is this one: by bands from either end, by callipers with what tells twins apart', async ({
  bench: page,
}) => {
  await page.goto('/shelf')
  await alive(page)
  await strike(page, 'w')
  for (const colour of ['green', 'violet', 'white']) await page.getByRole('button', { name: colour }).click()
  await expect(page.getByLabel('Matches')).toContainText('RK-SK-C')
  // and leads on: gauge, tool, setting
  const crimped = page.getByRole('region', { name: 'How RK-SK-C is crimped' })
  await expect(crimped).toContainText('AWG')
  await expect(crimped.getByRole('link', { name: 'QF-5' }).first()).toHaveAttribute('href', /crib\?tool=QF-5/)
  await page.getByRole('button', { name: 'Begin again' }).click()
  await page.getByLabel('Overall length').fill('17.85 mm')
  await page.getByLabel('Mating part').fill('1.8')
  await expect(page.getByLabel('Matches')).toContainText('CM-SK-G')
  await expect(page.getByLabel('What tells them apart')).toContainText('plating')
})

test('a count corrects the stock, and a table that cannot be read changes nothing', async ({ bench: page }) => {
  await page.goto('/shelf?show=stock')
  await alive(page)
  await page.getByLabel('Count of CM-SK-G').fill('31')
  await strike(page, 'Enter')
  await expect(page.getByText('CM-SK-G: 31 counted.')).toBeVisible()
  await page.getByLabel(/A whole count at once/).fill('part,count\nCM-SK-G,40\nNOPE,3')
  await page.getByRole('button', { name: 'Write the counts' }).click()
  await expect(page.getByText('Row 3, part: “NOPE” is no part on the shelf.')).toBeVisible()
  await page.reload()
  await alive(page)
  await expect(page.getByLabel('Count of CM-SK-G')).toHaveValue('31')
})

test('a school is copied, changed and followed; where a job is at odds with it is said', async ({ bench: page }) => {
  await page.goto('/rules')
  await alive(page)
  await page.getByRole('button', { name: 'Copy' }).first().click()
  await page.getByLabel('Name', { exact: true }).fill('raft workshop')
  await page.getByLabel('First pieces after a setup change').fill('2')
  await strike(page, 'Escape')
  await page.getByRole('button', { name: 'Copy' }).first().click()
  await page.getByLabel('Name', { exact: true }).fill('raft workshop')
  await page.getByLabel('Tools without calibration').selectOption('recorded')
  await strike(page, 'Control+s')
  await expect(page.getByRole('columnheader', { name: /raft workshop/ })).toBeVisible()
  const id = await makeJob(page.request, 'By our rules')
  await page.goto(`/jobs/${id}/plan`)
  await alive(page)
  await expect(page.getByText('Nothing is at odds with these rules.')).toBeVisible()
  await page.getByLabel('House rules').selectOption('raft-workshop')
  await expect
    .poll(
      async () =>
        ((await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as { plan: { rules: string } }).plan.rules,
    )
    .toBe('raft-workshop')
})

test('a wire is known by what is at hand, and put on the rack from its label', async ({ bench: page }) => {
  await page.goto('/shelf?show=wires')
  await alive(page)
  const facts = page.getByRole('region', { name: 'What wire is this?' })
  await page.getByLabel('Printed size').fill('20 awg')
  await expect(facts).toContainText('0.518mm²')
  await page.getByLabel('Strands', { exact: true }).fill('19')
  await page.getByLabel('One strand').fill('0.2 mm')
  await expect(facts).toContainText('0.597mm²')
  await expect(page.getByLabel('Printed size')).toHaveValue('')
  await page.getByLabel('Over the bare metal').fill('0.9')
  await expect(facts).toContainText('three quarters metal')
  await pasteInto(
    page,
    'New wire types',
    'wire',
    'part\tawg\tstrands\tstrand\tod\tmaterial\nXL-24\t24 awg\t19\t0.12\t1.1\tsilicone\nXL-30\t0.05 mm2\t19\t0.2\t0.7\tsilicone\n',
  )
  await strike(page, 'Escape', 'Control+s')
  await expect(page.getByText('Row 2, strand mm: These strands are 0.597 mm², the print says 0.05 mm²')).toBeVisible()
  await (await cell(page, 'New wire types', 'wire', 2)).click()
  await page.getByRole('button', { name: 'Remove row' }).click()
  await strike(page, 'Escape', 'Control+s')
  await expect(page.getByText('Say where the figures come from')).toBeVisible()
  await page.getByLabel('Figures from').fill('reel label')
  await strike(page, 'Escape', 'Control+s')
  await expect(page.getByText('On the rack: 1 added, 0 changed.')).toBeVisible()
  await expect(page.getByRole('row', { name: /XL-24/ })).toContainText('24 AWG')
})

test('a part is found from anywhere by its number, another number of it, or its name', async ({ bench: page }) => {
  await page.goto('/jobs/deck-loom/crimp')
  await alive(page)
  await strike(page, 'Control+k')
  await expect(page.getByRole('combobox', { name: /^Find a wire/ })).toBeFocused()
  await type(page, 'rkskb')
  await expect(page.getByRole('listbox', { name: 'Found' }).getByRole('option').first()).toContainText('RK-SK-B')
  await strike(page, 'Enter')
  await page.waitForURL('**/shelf?family=raku')
  await expect(page.getByRole('heading', { name: 'Raku', exact: true })).toBeVisible()
})

test('a connector that nobody can name is found by its rows, its pitch and its mark', async ({ bench: page }) => {
  await page.goto('/shelf?show=identify')
  await alive(page)
  const pane = page.getByRole('region', { name: 'A connector' })
  await pane.getByLabel('Cavities in each row').fill('7/7')
  await expect(pane.getByRole('row').nth(1)).toContainText('14')
  await pane.getByLabel('Pitch, middle to middle').fill('2.4 mm')
  await expect(pane.getByRole('row').nth(1)).toContainText('BQ-14P')
  await expect(pane.getByRole('row').nth(1)).toContainText('ways, rows, pitch')
  await pane.getByLabel('Cavities in each row').fill('seven')
  await expect(pane.getByText(/Say how many in each row/)).toBeVisible()
})

test('what is pasted into a sorted sheet goes over the rows as they are seen, and is undone', async ({
  bench: page,
}) => {
  await page.goto('/shelf?show=wires')
  await alive(page)
  await pasteInto(page, 'New wire types', 'wire', 'wire\tname\nB\tsecond\nA\tfirst\nC\tthird\n')
  await sheet(page, 'New wire types').getByRole('columnheader').first().click()
  await expect(await cell(page, 'New wire types', 'wire')).toHaveText('A')
  await pasteInto(page, 'New wire types', 'name', 'one\ntwo\n')
  await expect(await cell(page, 'New wire types', 'name', 1)).toHaveText('one')
  await expect(await cell(page, 'New wire types', 'name', 2)).toHaveText('two')
  await expect(await cell(page, 'New wire types', 'wire', 2)).toHaveText('B')
  await expect(await cell(page, 'New wire types', 'name', 3)).toHaveText('third')
  await strike(page, 'Control+z')
  await expect(await cell(page, 'New wire types', 'name', 1)).toHaveText('first')
})
