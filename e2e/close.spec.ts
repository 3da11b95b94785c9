import { axeFaults } from './axe'
import { alive, BUSY_MS, copyAt, expect, makeJob, nextStep, strike, test } from './bench'
import { doNextStep } from './handWork'

interface Journal {
  readonly entries: readonly { readonly kind: string; readonly [key: string]: unknown }[]
}

test('the bundle is laid out, tied and labelled one by one, measured, and the tray is counted with what is missing explained', async ({
  bench: page,
  request,
}) => {
  const id = await copyAt(request, await makeJob(request, 'Laid out'), 'close')
  await page.goto(`/jobs/${id}/close?at=board`)
  await alive(page)
  const stretches = page.getByLabel('Stretches')
  await expect(stretches).toHaveValue('P1; P1; P2; 620 ±10')
  // a line that cannot be read says which, and what would be right
  await stretches.fill('P1; P1; P2; long')
  await expect(page.getByText('Line 1: “long” is no length, like 775 or 30 in.')).toBeVisible()
  await stretches.fill('P1; P1; P2; 600 ±5')
  await page.getByLabel('No tie here').fill('P1; 250 to 300; grommet')
  await page.getByRole('button', { name: /Take this layout/ }).click()
  await expect(page.getByRole('img', { name: 'The bundle on its board, 1 stretch' })).toBeVisible({ timeout: BUSY_MS })
  expect(await axeFaults(page)).toEqual([])
  await expect(nextStep(page)).toContainText('Tie P1 at 40 mm')
  await strike(page, 'Enter')
  await expect(page.getByRole('list', { name: 'Ties and labels, from P1 on' }).getByRole('listitem')).toHaveCount(8)
  await strike(page, 'Space')
  await expect(nextStep(page)).toContainText('Label P1 at 60 mm')
  await strike(page, 'Space', 'x')
  while (/^(Tie|Label)/.test((await nextStep(page).textContent()) ?? '')) await strike(page, 'Space')
  await expect(nextStep(page)).toContainText('Measure P1')
  const length = page.getByLabel('Length found, P1 to P2')
  await length.fill('608')
  await length.press('Enter')
  await expect(page.getByText('608 mm found, out of its tolerance')).toBeVisible()
  await length.fill('603')
  await length.press('Enter')
  await expect(nextStep(page)).toContainText('Count the tray')
  await page.keyboard.press('Escape')
  await strike(page, 'Enter', 'Space')
  await page.getByRole('button', { name: 'Something is missing: write it' }).click()
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText(/▲ Missing: .*Find it before anybody signs/)).toBeVisible()
  for (const field of await page.getByLabel(/^Where is/).all()) await field.fill('lent to the yard, seen there')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(nextStep(page)).toContainText('Sign')
  for (const paper of [
    'board.svg',
    'board.pdf',
    'board-tiles.pdf',
    'labels.pdf?label=38x21',
    'pinout.pdf',
    'test-record.pdf',
  ])
    expect((await page.request.get(`/jobs/${id}/papers/${paper}`)).status(), paper).toBe(200)
})

test('who has a PIN is asked for it; a wrong one signs nothing, a script is refused, and the printed sheet is told again by its code', async ({
  bench: page,
  request,
}) => {
  test.setTimeout(120_000)
  await page.goto('/')
  await alive(page)
  await page.getByRole('button', { name: 'PIN of Teodor Finch' }).click()
  await page.getByLabel('New PIN').fill('12')
  await page.getByRole('button', { name: 'Set the PIN' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'A PIN has 4 to 40 signs' })).toBeVisible()
  await page.getByLabel('New PIN').fill('raft7')
  await page.getByRole('button', { name: 'Set the PIN' }).click()
  await expect(page.getByLabel('New PIN')).toHaveCount(0)
  const id = await copyAt(request, await makeJob(request, 'Pinned'), 'close')
  await page.goto(`/jobs/${id}/close`)
  await alive(page)
  await doNextStep(page)
  await expect(nextStep(page)).toContainText('Sign')
  const { last } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1`)).json()) as { last: number }
  const bySript = await request.post(`/api/v1/jobs/${id}/journal`, {
    data: { seen: last, entries: [{ id: 'by-script-1', kind: 'signed', role: 'builder', covers: last, by: 'teodor' }] },
  })
  expect(bySript.status()).toBe(422)
  expect(await bySript.json()).toMatchObject({ error: { code: 'pin-asked' } })
  await strike(page, 'Enter')
  await page.getByLabel('PIN of Teodor Finch').fill('wrong')
  await page.keyboard.press('Escape')
  await strike(page, 'Space', 'Space', 'Space')
  await expect(page.getByText('That is not their PIN: 4 tries left.')).toBeVisible()
  await page.getByLabel('PIN of Teodor Finch').fill('raft7')
  await page.keyboard.press('Escape')
  await strike(page, 'Space')
  await expect(page.getByText('Signed and closed')).toBeVisible({ timeout: BUSY_MS })
  const { entries } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as Journal
  const signed = entries.at(-1)
  expect(signed).toMatchObject({ kind: 'signed', by: 'teodor', pin: true })
  const code = `${String(signed?.seq)}-${String(signed?.hash).slice(0, 16)}`
  await page.getByLabel('Code of a printed sheet').fill(code)
  await page.getByLabel('Code of a printed sheet').press('Enter')
  await expect(page.getByText('✓ As this sheet says, signed.')).toBeVisible()
  await page.getByLabel('Code of a printed sheet').fill(code.replace(/.$/, (last) => (last === '0' ? '1' : '0')))
  await page.getByLabel('Code of a printed sheet').press('Enter')
  await expect(page.getByText('▲ The record is not what this sheet was made of.')).toBeVisible()
  const verified = await request.get(`/api/v1/jobs/${id}/verify?code=${code}`)
  expect(await verified.json()).toMatchObject({ whole: true, sheet: { matches: true, since: 0, signed: true } })
  expect((await request.get(`/api/v1/jobs/${id}/verify?code=xyz`)).status()).toBe(400)
})
