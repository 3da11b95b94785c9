import { alive, expect, strike, test } from './bench'
import { pasteInto } from './sheets'

test('a tool is entered on screen: what is wrong stands at its field, nothing typed is lost', async ({
  bench: page,
  request,
}) => {
  await page.goto('/crib')
  await alive(page)
  await strike(page, 'n')
  await page.waitForURL('**/crib?show=new')
  await alive(page)
  const form = page.getByRole('region', { name: 'New tool' })
  await form.getByRole('radio', { name: 'parallel frame with dies' }).click()
  await form.getByLabel('Number on the tool').fill('PF-10')
  await form.getByRole('textbox', { name: 'Name', exact: true }).fill('Own frame')
  await form.getByRole('textbox', { name: 'Verified on' }).fill('2 May 2026')
  await form.getByRole('button', { name: 'Put it in the crib' }).click()
  await expect(page.getByText('4 fields are to be put right.')).toBeVisible()
  await expect(form.getByText('It stands twice')).toBeVisible()
  await page.reload()
  await alive(page)
  await expect(form.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Own frame')
  await form.getByLabel('Number on the tool').fill('OF-1')
  await form.getByLabel('Figures from').fill('sheet 12')
  await form.getByRole('textbox', { name: 'Due again on' }).fill('2027-05-02')
  await form.getByLabel('Verified by').fill('bench')
  await page.keyboard.press('Control+s')
  await page.waitForURL(/\/crib$/)
  await expect(page.getByRole('row').filter({ hasText: 'OF-1' })).toContainText('Own frame')
  const shelf = (await (await request.get('/api/v1/catalogue')).json()) as { tools: { id: string }[] }
  expect(shelf.tools.find((one) => one.id === 'OF-1')).toEqual({
    id: 'OF-1',
    name: 'Own frame',
    class: 'parallel-die',
    dies: [],
    verification: { doneOn: '2026-05-02', dueOn: '2027-05-02', by: 'bench' },
    source: { document: 'sheet 12', basis: 'sheet' },
  })
})

test('a tool is changed, and what its fields do not show stays as it was', async ({ bench: page, request }) => {
  const tool = async () => {
    const { tools } = (await (await request.get('/api/v1/catalogue')).json()) as {
      tools: { id: string; name: string; release?: object }[]
    }
    return tools.find((one) => one.id === 'RL-S10')
  }
  const before = await tool()
  await page.goto('/crib')
  await alive(page)
  await page.getByRole('link', { name: 'RL-S10' }).click()
  const form = page.getByRole('region', { name: 'RL-S10: what it is' })
  await form.getByRole('textbox', { name: 'Name', exact: true }).fill('Slit sleeve, the worn one')
  await form.getByRole('button', { name: 'Save the tool' }).click()
  await page.waitForURL(/\/crib$/)
  await expect(page.getByRole('row').filter({ hasText: 'RL-S10' })).toContainText('the worn one')
  expect(await tool()).toEqual({ ...before, name: 'Slit sleeve, the worn one' })
})

test('a tool that could be had is there too, and Enter in a die’s cell ends the cell, not the form', async ({
  bench: page,
}) => {
  await page.goto('/crib')
  await alive(page)
  const row = page.getByRole('row').filter({ hasText: 'PF-17' })
  await expect(row).toContainText('in a shop’s list only')
  await row.getByRole('link').click()
  const form = page.getByRole('region', { name: 'PF-17: what it is' })
  const dies = form.getByRole('grid', { name: 'Its dies, as they are marked' })
  const cell = dies.getByRole('gridcell').filter({ hasText: /^E1$/ })
  await cell.click()
  await page.keyboard.type('E9', { delay: 60 })
  await strike(page, 'Enter')
  await expect(dies.getByRole('gridcell').filter({ hasText: /^E9$/ })).toBeVisible()
  expect(new URL(page.url()).search).toBe('?tool=PF-17')
  await form.getByRole('button', { name: 'Leave it' }).click()
  await page.waitForURL(/\/crib$/)
})

test('a card is typed beside its tool: a wrong cell is named, a row for what is not here waits', async ({
  bench: page,
  request,
}) => {
  await page.goto('/crib?show=new')
  await alive(page)
  const form = page.getByRole('region', { name: 'New tool' })
  await form.getByRole('radio', { name: 'four-indent tool held by hand' }).click()
  await form.getByLabel('Number on the tool').fill('OF-2')
  await form.getByRole('textbox', { name: 'Name', exact: true }).fill('Depth screw tool')
  await form.getByLabel('Figures from').fill('sheet 13')
  const card = form.getByRole('region', { name: 'Its placard or die card' })
  await expect(card.getByRole('columnheader', { name: /positioner/ })).toHaveCount(0)
  await pasteInto(
    page,
    'Its placard or die card, row by row',
    'contact',
    'contact\twire from\twire to\tstrip\nRK-SK-A\t26 awg\t0.1\t4.0\nRK-SK-9\t0.2\t0.35\t4.8\n',
  )
  await expect(form.getByText('RK-SK-9 is not on the shelf. Its row is kept and waits.')).toBeVisible()
  await page.keyboard.press('Control+s')
  await expect(page.getByText('1 field is to be put right.')).toBeVisible()
  const cell = card.getByRole('gridcell').filter({ hasText: /^\W*0\.1\b/ })
  await cell.click()
  await page.keyboard.type('0.22', { delay: 60 })
  await strike(page, 'Enter')
  await page.keyboard.press('Control+s')
  await page.waitForURL(/\/crib$/)
  const shelf = (await (await request.get('/api/v1/catalogue')).json()) as {
    placards: { tool: string; rows: object[] }[]
  }
  expect(shelf.placards.find((one) => one.tool === 'OF-2')?.rows).toEqual([
    { contact: 'RK-SK-A', conductor: { minMm2: 0.128756, maxMm2: 0.22 }, strip: { minMm: 4, maxMm: 4 } },
    { contact: 'RK-SK-9', conductor: { minMm2: 0.2, maxMm2: 0.35 }, strip: { minMm: 4.8, maxMm: 4.8 } },
  ])
  await expect(page.getByRole('row').filter({ hasText: 'OF-2' })).toContainText('1')
})

test('a tool is verified today by its routine; what was before is its history, and it is overdue nowhere', async ({
  bench: page,
  request,
}) => {
  await page.goto('/')
  await alive(page)
  await expect(page.getByRole('region', { name: 'Crib' })).toContainText('GG-5')
  await page.goto('/crib?tool=GG-5')
  await alive(page)
  const verify = page.getByRole('region', { name: 'Verify today' })
  await expect(verify).toContainText('overdue since 30 Oct 2026')
  await verify.getByLabel('What was seen or measured').fill('1.02 and 1.07 on the block')
  await page.keyboard.press('Tab')
  await verify.getByRole('heading', { name: /Verify today/ }).click()
  await strike(page, '1', '2', ' ')
  await expect(verify).toContainText('Last on')
  await expect(verify).toContainText('by Teodor Finch')
  await expect(verify.getByRole('listitem')).toContainText('30 Oct 2025, Ansa Quill')
  const shelf = (await (await request.get('/api/v1/catalogue')).json()) as {
    tools: { id: string; verification?: object; history?: object[] }[]
  }
  const tool = shelf.tools.find((one) => one.id === 'GG-5')
  expect(tool?.verification).toMatchObject({ by: 'Teodor Finch', how: 'block', seen: '1.02 and 1.07 on the block' })
  expect(tool?.history).toEqual([{ doneOn: '2025-10-30', dueOn: '2026-10-30', by: 'Ansa Quill' }])
  await page.goto('/')
  await alive(page)
  await expect(page.getByRole('region', { name: 'Crib' })).not.toContainText('GG-5')
})

test('what cannot be crimped yet is listed with what would; a setup’s row is one key away, and back', async ({
  bench: page,
}) => {
  await page.goto('/crib')
  await alive(page)
  await strike(page, 'y')
  await page.waitForURL(/show=gaps/)
  await expect(page.getByRole('row').filter({ hasText: 'CL-SP-N' })).toContainText('PF-17, which could be had')
  // nothing is stripped yet: a setup is looked at by its wire
  await page.goto(`/jobs/beacon-lead/crimp?at=${encodeURIComponent('1/W1/a')}`)
  await alive(page)
  await strike(page, 'c')
  await page.waitForURL(/crib\?tool=QF-5&contact=CM-SK-N/)
  await expect(page.locator('[role=gridcell][data-active=true]')).toHaveText('CM-SK-N')
  await page.goBack()
  await page.waitForURL(/beacon-lead\/crimp/)
})

test('a tool is due after so many contacts as well: the Crib and Today say so before its date', async ({
  bench: page,
}) => {
  await page.goto('/crib?tool=QF-5')
  await alive(page)
  const form = page.getByRole('region', { name: 'QF-5: what it is' })
  await form.getByLabel('And after so many contacts').fill('many')
  await page.keyboard.press('Control+s')
  await expect(page.getByText('1 field is to be put right.')).toBeVisible()
  await form.getByLabel('And after so many contacts').fill('1')
  await page.keyboard.press('Control+s')
  await page.waitForURL(/\/crib$/)
  const row = page.getByRole('row').filter({ has: page.getByRole('link', { name: 'QF-5', exact: true }) })
  const made = Number(await row.getByRole('link').nth(1).innerText())
  expect(made).toBeGreaterThan(0)
  await expect(row).toContainText('▲ after 1')
  await page.goto('/')
  await expect(page.getByText(`overdue: good for 1 contact, ${String(made)} made`)).toBeVisible()
})
