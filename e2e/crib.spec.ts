import { alive, expect, strike, test } from './bench'

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
  await form.getByLabel('What kind of tool').selectOption('parallel frame with dies')
  await form.getByLabel('Number on the tool').fill('PF-10')
  await form.getByRole('textbox', { name: 'Name', exact: true }).fill('Own frame')
  await form.getByLabel('Verified on').fill('2026-05-02')
  await form.getByRole('button', { name: 'Put it in the crib' }).click()
  await expect(page.getByText('4 fields are to be put right.')).toBeVisible()
  await expect(form.getByText('It stands twice')).toBeVisible()
  await page.reload()
  await alive(page)
  await expect(form.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Own frame')
  await form.getByLabel('Number on the tool').fill('OF-1')
  await form.getByLabel('Figures from').fill('sheet 12')
  await form.getByLabel('Due again on').fill('2027-05-02')
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
  const cell = form.getByRole('gridcell').filter({ hasText: /^E1$/ })
  await cell.click()
  await page.keyboard.type('E9', { delay: 60 })
  await strike(page, 'Enter')
  await expect(form.getByRole('gridcell').filter({ hasText: /^E9$/ })).toBeVisible()
  expect(new URL(page.url()).search).toBe('?tool=PF-17')
  await form.getByRole('button', { name: 'Leave it' }).click()
  await page.waitForURL(/\/crib$/)
})
