import { axeFaults } from './axe'
import { alive, BUSY_MS, expect, strike, test } from './bench'

test('a harness that somebody brings: its connectors are named, it is watched at once, and what was said stands in the record', async ({
  bench: page,
  request,
}) => {
  await page.goto('/new')
  await alive(page)
  const form = page.getByRole('form', { name: 'Or from a fault' })
  await form.getByLabel('What it does').fill('goes out when the hatch is shut')
  await form.getByLabel('Connector A').selectOption({ label: 'Slipware 2 plug' })
  await expect(form.getByLabel('Wires, cavity to cavity')).toHaveValue('1\n2')
  await form.getByLabel('Connector B').selectOption({ label: 'Slipware 2 receptacle' })
  await form.getByLabel('Wires, cavity to cavity').fill('1 1 RD\n2 9')
  await expect(form.getByText('Line 2: “2 9” is in no cavity of both.')).toBeVisible()
  await form.getByLabel('Wires, cavity to cavity').fill('1 1 RD\n2 2 BK')
  expect(await axeFaults(page)).toEqual([])
  // a wire that nobody has chosen would give it a resistance that nobody meant
  await expect(form.getByRole('button', { name: 'Watch it at Prove' })).toBeDisabled()
  await form.getByLabel('Its wire is like').selectOption('TW-0.75')
  await form.getByRole('button', { name: 'Watch it at Prove' }).click()
  await page.waitForURL(/\/prove/, { timeout: BUSY_MS })
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Move it while it is watched' })).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByRole('button', { name: 'Stop, write it down' })).toBeVisible({ timeout: BUSY_MS })
  await strike(page, 'Space')
  const id = new URL(page.url()).pathname.split('/')[2] ?? ''
  await expect
    .poll(async () => {
      const { entries } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as {
        entries: { kind: string; text?: string }[]
      }
      return entries.map(({ kind, text }) => text ?? kind)
    })
    .toEqual(expect.arrayContaining(['taken-over', 'goes out when the hatch is shut', 'harness-moved']))
})
