import { join } from 'node:path'
import { expect } from '@playwright/test'
import { axeFaults } from './axe'
import { alive } from './bench'
import { demoData } from './benchServer'
import { own } from './ownBench'

own('an empty bench takes a name, says what a first job lacks, and leads there', async ({ own: { page } }) => {
  await page.goto('/')
  await alive(page)
  const missing = page.getByRole('region', { name: 'Missing for a first job' })
  await expect(missing.getByRole('listitem').first()).toContainText('now')
  expect(await axeFaults(page)).toEqual([])
  await page.getByLabel('Your name').fill('Imke Rask')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Who is at this bench').first()).toHaveValue('imke')
  await expect(missing.getByRole('listitem').first()).toContainText('there')
  await expect(missing.getByText('A connector', { exact: true })).toBeVisible()
  await page.keyboard.press('2')
  await expect(page).toHaveURL(/show=import/)
  await page.goto('/')
  await alive(page)
  await missing.getByRole('link', { name: /A crimp tool/ }).click()
  await expect(page).toHaveURL(/crib\?show=new/)
})

own('people are added, renamed, put away and brought back; who is away is at no bench', async ({ own: { page } }) => {
  await page.goto('/')
  await alive(page)
  await page.getByLabel('Your name').fill('Imke Rask')
  await page.keyboard.press('Enter')
  const people = page.getByRole('region', { name: 'Who works here' })
  await people.getByRole('button', { name: 'Add somebody' }).click()
  await people.getByRole('textbox', { name: 'Name' }).fill('imke rask')
  await page.keyboard.press('Enter')
  await expect(people.getByText('imke rask works here already.')).toBeVisible()
  await people.getByRole('textbox', { name: 'Name' }).fill('Ole Brand')
  await page.keyboard.press('Enter')
  await expect(people.getByText('Ole Brand')).toBeVisible()
  // the other one was added by Imke, who is still at the bench
  const picker = page.getByLabel('Who is at this bench').first()
  await expect(picker).toHaveValue('imke')
  await people.getByRole('button', { name: 'Rename Ole Brand' }).click()
  await people.getByRole('textbox', { name: 'Name' }).fill('')
  await page.keyboard.press('Enter')
  await expect(people.getByText('Say a name first.')).toBeVisible()
  await people.getByRole('textbox', { name: 'Name' }).fill('Ole Brandt')
  await page.keyboard.press('Enter')
  await expect(people.getByText('Ole Brandt')).toBeVisible()
  await picker.selectOption('ole')
  await people.getByRole('button', { name: 'Put Ole Brandt away' }).click()
  await expect(people.getByText('put away')).toBeVisible()
  await expect(picker.getByRole('option', { name: 'Ole B.' })).toHaveCount(0)
  await expect(picker).toHaveValue('')
  await people.getByRole('button', { name: 'Bring Ole Brandt back' }).click()
  await expect(picker.getByRole('option', { name: 'Ole B.' })).toHaveCount(1)
})

own(
  'the practice workshop is beside one’s own data, marked on every screen, and the switch leads back',
  async ({ own }) => {
    const { page, address } = own
    await page.goto('/')
    await alive(page)
    await page.getByLabel('Your name').fill('Imke Rask')
    await page.keyboard.press('Enter')
    await page.getByRole('switch', { name: 'Practice' }).click()
    await expect(page.getByRole('note')).toContainText('Practice workshop', { timeout: 60_000 })
    const there = new URL(page.url())
    expect(there.port).not.toBe(new URL(address).port)
    // nobody was carried over: the made-up people work there
    await expect(page.getByLabel('Who is at this bench').first()).toHaveValue('')
    await expect(page.getByRole('heading', { name: 'Mudlark deck loom' })).toBeVisible()
    await page.getByRole('button', { name: 'Ansa Quill lead' }).click()
    for (const path of ['shelf', 'crib', 'ledger', 'rules', 'new', 'jobs/deck-loom/crimp', 'jobs/deck-loom/journal']) {
      await page.goto(`${there.origin}/${path}`)
      await expect(page.getByRole('note')).toContainText('Practice workshop')
    }
    // what is written there is there alone
    const job = { format: 'urn-bench/job', version: 1, plan: { title: 'A try', ends: [], wires: [] } }
    const made = await page.request.post(`${there.origin}/api/v1/jobs`, { data: job })
    expect(made.status()).toBe(201)
    await page.getByRole('switch', { name: 'Practice is on' }).click()
    await expect(page.getByRole('region', { name: 'Missing for a first job' })).toBeVisible()
    expect(new URL(page.url()).origin).toBe(new URL(address).origin)
    await expect(page.getByRole('note')).toHaveCount(0)
    await expect(page.getByLabel('Who is at this bench').first()).toHaveValue('imke')
    const jobs = (await (await page.request.get('/api/v1/jobs')).json()) as { jobs: unknown[] }
    expect(jobs.jobs).toEqual([])
    // it is left open: the second time it is there at once
    await page.getByRole('switch', { name: 'Practice' }).click()
    await expect(page.getByRole('note')).toContainText('Practice workshop')
    expect(new URL(page.url()).port).toBe(there.port)
    await expect(page.getByRole('heading', { name: 'A try' })).toBeVisible()
  },
)

for (const signal of ['SIGTERM', 'SIGKILL'] as const)
  own(
    `the practice workshop leaves with its bench when that gets ${signal}`,
    async ({ own: { page, child, data } }) => {
      // it was there before: what makes it is another test's
      demoData(join(data, 'practice'))
      await page.goto('/')
      await alive(page)
      await page.getByRole('switch', { name: 'Practice' }).click()
      await expect(page.getByRole('note')).toBeVisible({ timeout: 60_000 })
      const there = new URL(page.url()).origin
      const answers = () =>
        fetch(`${there}/api/v1/health`).then(
          ({ ok }) => ok,
          () => false,
        )
      expect(await answers()).toBe(true)
      child.kill(signal)
      await expect.poll(answers, { timeout: 30_000 }).toBe(false)
    },
  )
