import type { Page } from '@playwright/test'
import { alive, burst, copyJob, expect, makeJob, nextStep, notice, strike, test } from './bench'

const selected = (page: Page) => page.getByRole('listbox').getByRole('option', { selected: true })

test('Today names the open jobs and what each needs next; Enter resumes the one at work', async ({ bench: page }) => {
  await page.goto('/')
  await alive(page)
  const loom = page.getByRole('article').filter({ hasText: 'Mudlark deck loom' })
  await expect(loom).toContainText('Crimp W03a')
  await expect(loom).toContainText('W10b is blocked')
  await expect(page.getByRole('article').filter({ hasText: 'Beacon lead' })).toContainText('Change the setup')
  await strike(page, 'Enter')
  await page.waitForURL('**/jobs/deck-loom/crimp**')
})

test('the wire that is too thick is blocked with its reason, and the thin-wall wire unblocks it', async ({
  bench: page,
  request,
}) => {
  const csv = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length
W1,RW-1.5,BN,A,10,CM-10P,D,3,SW-7P,2350`
  const id = await makeJob(request, 'Thick', csv)
  await page.goto(`/jobs/${id}/kit`)
  await alive(page)
  await expect(page.getByRole('heading', { name: /No seal closes round this wire/ })).toContainText(
    '2.95 mm, the largest takes 2.75',
  )
  await expect(page.getByText('the seal would tear: 2.95 mm in a window that ends at 2.75 mm')).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByRole('link', { name: /Kit/ })).toContainText('2/2')
  await expect(page.getByRole('listbox')).toContainText('SL-24')
})

test('a fault is named, decided and drawn; the contact goes and the wire comes back to Prep', async ({
  bench: page,
  request,
}) => {
  const id = await copyJob(request, 'deck-loom')
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  await expect(selected(page)).toContainText('W03a')
  // crimped, then two looks out of turn
  await strike(page, 'Space', 'Space', 'Space', '1', '2', 'x')
  await expect(page.getByLabel('Found at')).toHaveValue('indents-even')
  await strike(page, '4')
  await expect(page.getByText('The contact goes.')).toBeVisible()
  await expect(page.getByText('AS REPORTED')).toBeVisible()
  await strike(page, 'Space', 'Space')
  // here the next crimp is due, at Prep the wire whose contact is gone
  await expect(nextStep(page)).toContainText('Crimp W04a')
  await strike(page, 'g', '3')
  await page.waitForURL(/\/prep/)
  await alive(page)
  await expect(nextStep(page)).toContainText('Strip W03a')
  await strike(page, 'g', '4')
  await page.waitForURL(/\/crimp/)
  await alive(page)
  await strike(page, 'u')
  await expect(notice(page)).toContainText('Taken back: crimp rejected W03a')
  await expect(nextStep(page)).toContainText('Crimp W03a')
})

test('a wrong cavity is reported, taken out the right way, and put right', async ({ bench: page, request }) => {
  const id = await copyJob(request, 'deck-loom')
  await page.goto(`/jobs/${id}/seat?at=${encodeURIComponent('1.B.insert.1/W05/b')}`)
  await alive(page)
  await expect(selected(page)).toContainText('W05b')
  await strike(page, 'x')
  await expect(page.getByRole('heading', { name: 'What is wrong?' })).toBeVisible()
  await strike(page, '6')
  // its neighbours stand first
  await expect(page.getByLabel('W05b is in').locator('optgroup').first()).toHaveAttribute('label', /neighbours/)
  await page.getByLabel('W05b is in').selectOption('4')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /Report it there/ }).click()
  await expect(page.getByRole('heading', { name: 'In B.4, belongs in B.6' })).toBeVisible()
  await expect(page.getByTestId('face-side')).toHaveText('MATING FACE')
  for (let tick = 0; tick < 5; tick++) await strike(page, 'Space')
  await expect(page.getByRole('heading', { name: /Slide it in straight/ })).toBeVisible()
  for (let tick = 0; tick < 4; tick++) await strike(page, 'Space')
  // the bench goes on with what is due: what was put right is looked up again
  await expect(selected(page)).toContainText('W01a')
  await page.goto(`/jobs/${id}/seat?at=${encodeURIComponent('1.B.insert.1/W05/b')}`)
  await expect(selected(page)).toContainText('in B.6')
})

test('two benches: the second is told what came in between, and keeps what it entered', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'Two benches')
  await page.goto(`/jobs/${id}/prep?at=1/W1/a`)
  await alive(page)
  const written = await request.post(`/api/v1/jobs/${id}/journal`, {
    data: {
      seen: 2,
      entries: [{ id: 'other-bench-1', kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 620, by: 'ansa' }],
    },
  })
  expect(written.status()).toBe(201)
  await strike(page, 'Space', 'Space', 'Space', 'Space', 'Space')
  await expect(notice(page)).toContainText('Somebody else changed the same thing in between')
  await expect(notice(page)).toContainText('Ansa Quill: cut W1')
  expect(((await (await request.get(`/api/v1/jobs/${id}/journal`)).json()) as { last: number }).last).toBe(3)
})

test('find, keys, sequences and a scan', async ({ bench: page }) => {
  await page.goto('/jobs/deck-loom/plan')
  await alive(page)
  await strike(page, '?')
  await expect(page.getByRole('dialog', { name: 'Keys of this screen' })).toContainText('Flip the face')
  await strike(page, 'Escape', 'Control+k')
  await expect(page.getByRole('combobox', { name: /^Find a wire/ })).toBeFocused()
  await page.keyboard.type('leak', { delay: 60 })
  await expect(page.getByRole('listbox', { name: 'Found' }).getByRole('option').first()).toContainText('W12')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('row', { selected: true })).toContainText('W12')
  await strike(page, 'g', '5')
  await page.waitForURL('**/seat')
  await alive(page)
  await strike(page, 'g', '1')
  await page.waitForURL('**/plan')
  // a scanner types faster than a hand: it finds, and never acts
  await burst(page, 'W03')
  await expect(page.getByRole('row', { selected: true })).toContainText('W03')
})

test('two keys that a slow screen takes at once tick two lines, never one line twice', async ({
  bench: page,
  request,
}) => {
  const id = await copyJob(request, 'deck-loom')
  await page.goto(`/jobs/${id}/seat?at=${encodeURIComponent('1.B.insert.1/W05/b')}`)
  await alive(page)
  await strike(page, 'o')
  const ticked = page.getByRole('checkbox', { checked: true })
  await expect(page.getByRole('checkbox').first()).toBeVisible()
  await page.evaluate(() => {
    for (let key = 0; key < 2; key++) {
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true }))
      // the screen is busy: both keys are waiting when it is free again
      for (const began = performance.now(); performance.now() - began < 80;);
    }
  })
  await expect(ticked).toHaveCount(2)
})

test('the journal keeps notes and what was taken back; a reload resumes where it was', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'Notes')
  await page.goto(`/jobs/${id}/journal`)
  await alive(page)
  await page.getByLabel('A note for the record').fill('=found the reel nearly empty')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('cell', { name: /found the reel/ })).toBeVisible()
  await strike(page, 'Escape', 'u')
  await expect(page.getByRole('cell', { name: /note .*taken back/ })).toBeVisible()
  await page.reload()
  await expect(page.getByText('Entries 1 to 4 of 4')).toBeVisible()
})

test('pages carry a strict policy, and another host or origin gets nothing', async ({ request, baseURL }) => {
  const page = await request.get('/')
  const policy = page.headers()['content-security-policy'] ?? ''
  expect(policy).toContain("default-src 'self'")
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/)
  expect(policy).not.toContain("script-src 'self' 'unsafe")
  expect(page.headers()['x-content-type-options']).toBe('nosniff')
  expect((await request.get(`${baseURL ?? ''}/api/v1/health`, { headers: { host: 'evil.example' } })).status()).toBe(
    421,
  )
  expect(
    (
      await request.post('/api/v1/wire/size', { headers: { origin: 'http://evil.example' }, data: { areaMm2: 1 } })
    ).status(),
  ).toBe(403)
})
