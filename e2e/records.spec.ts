import { spawnSync } from 'node:child_process'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { alive, expect, leadCsv, makeJob, notice, test } from './bench'
import { demoData, emptyFolder, startBench, stopBench } from './benchServer'
import { own } from './ownBench'

/** Changes a stored row behind the bench's back, by a program of its own on the folder of a bench that is stopped. */
function tamper(data: string, sql: string): void {
  const program = `
    import { PGlite } from '@electric-sql/pglite'
    const db = await PGlite.create(${JSON.stringify(join(data, 'pg'))})
    await db.exec(${JSON.stringify(sql)})
    await db.close()`
  const { status, stderr } = spawnSync(process.execPath, ['--input-type=module', '-e', program], { encoding: 'utf8' })
  expect(stderr + String(status)).toBe('0')
}

test('a stored entry that was changed is named on every screen and paper of its job, and nothing more is written', async ({
  browser,
}) => {
  const folder = emptyFolder()
  const data = demoData(join(folder, 'data'))
  tamper(
    data,
    `update journal_entry set body = jsonb_set(body, '{lengthMm}', '1') where job_id = 'deck-loom' and seq = 9`,
  )
  const { address, child } = await startBench(data)
  const context = await browser.newContext({ baseURL: address, viewport: { width: 1280, height: 800 } })
  await context.addCookies([{ name: 'urn-operator', value: 'teodor', url: address }])
  const page = await context.newPage()
  for (const station of ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close', 'journal']) {
    await page.goto(`/jobs/deck-loom/${station}`)
    await expect(page.getByTestId('record-fault')).toContainText('This record is not whole')
    await expect(page.getByTestId('record-fault')).toContainText(
      /Entry 9 does not follow from entry 8.*Entries 1 to 7 hold/,
    )
  }
  await alive(page)
  await expect(page.getByText('does not hold').first()).toBeVisible()
  await page.getByLabel('Note for the record').fill('goes on')
  await page.getByRole('button', { name: 'Write the note' }).click()
  await expect(notice(page)).toContainText('Not written: Entry 9 does not follow')
  const api = await context.request.post('/api/v1/jobs/deck-loom/journal', {
    data: { seen: 1, entries: [{ id: 'after-0001', kind: 'noted', text: 'x' }] },
  })
  expect(api.status()).toBe(422)
  const paper = await (await context.request.get('/jobs/deck-loom/papers/record.csv')).text()
  expect(paper).toContain('not whole from entry 9')
  expect((await context.request.get('/jobs/deck-loom/papers/build-sheet.pdf')).status()).toBe(200)
  // others are as they were; the Ledger looks at all of them
  await page.goto('/ledger?show=records')
  await alive(page)
  await page.keyboard.press('v')
  await expect(page.getByText('▲ 1 record is not whole')).toBeVisible({ timeout: 20_000 })
  await expect(page.getByRole('row').filter({ hasText: 'Beacon lead' })).toContainText('✓ whole')
  await expect(page.getByRole('row').filter({ hasText: 'Mudlark deck loom' })).toContainText('Entry 9 does not follow')
  await context.close()
  await stopBench(child)
  rmSync(folder, { recursive: true, force: true })
})

own('an empty bench asks who works here, takes a name, and that name is written', async ({ own: { page } }) => {
  await page.goto('/')
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Who works here?' })).toBeVisible()
  await page.getByRole('button', { name: 'I work here' }).click()
  await expect(page.getByText('Say a name first.')).toBeVisible()
  await page.getByLabel('Your name').fill('Zoë <b>Ünal</b>')
  await page.getByLabel('What you do').selectOption('lead')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'I work here' }).click()
  await expect(page.getByLabel('Who is at this bench').first()).toHaveValue('zoe')
  await expect(page.getByRole('heading', { name: 'Who works here?' })).toHaveCount(0)
  const [cookie] = await page.context().cookies()
  expect(cookie).toMatchObject({ name: 'urn-operator', value: 'zoe' })
})

test('what was read in is marked so on its screens, and its authors are nobody of this bench', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'Read in')
  const document = (await (await request.get(`/api/v1/jobs/${id}`)).json()) as object
  const copied = await request.post('/api/v1/jobs?copy=1&file=lead.json', { data: document })
  const copy = ((await copied.json()) as { id: string }).id
  await page.goto(`/jobs/${copy}/prep`)
  await alive(page)
  await expect(page.getByTestId('read-in')).toContainText(
    'from lead.json: 2 entries written elsewhere, signatures not checked here',
  )
  await expect(page.getByTestId('read-in')).toContainText(`A copy of ${id}`)
  await page.goto(`/jobs/${copy}/journal`)
  await expect(page.getByText('api (not of this bench)').first()).toBeVisible()
  const mark = await (await request.get(`/jobs/${copy}/papers/record.csv`)).text()
  expect(mark).toContain('read in from lead.json, not checked here')
})

test('a copy of a record counts nowhere in the Ledger unless it is asked for', async ({ bench: page, request }) => {
  const series = async (address: string) => {
    await page.goto(address)
    await alive(page)
    return page.getByRole('navigation', { name: 'Series' }).innerText()
  }
  const before = await series('/ledger')
  const document = (await (await request.get('/api/v1/jobs/float-leads')).json()) as object
  expect((await request.post('/api/v1/jobs?copy=1', { data: document })).status()).toBe(201)
  expect(await series('/ledger')).toBe(before)
  expect(await series('/ledger?copies=1')).not.toBe(before)
})

test('a record that is dropped is read in, known again, and copied when asked', async ({ bench: page, request }) => {
  const id = await makeJob(request, 'Dropped')
  const text = await (await request.get(`/api/v1/jobs/${id}`)).text()
  const drop = () =>
    page
      .getByLabel('Pinout file')
      .setInputFiles({ name: 'dropped.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await page.goto('/new')
  await alive(page)
  await drop()
  await expect(page.getByText('The record in dropped.json is here already: nothing was doubled.')).toBeVisible()
  await page.getByRole('button', { name: 'Read it in as a copy' }).click()
  await page.waitForURL('**/journal')
  await expect(page.getByTestId('read-in')).toContainText('from dropped.json')
})

test('what is large is read beside the requests, and comes to the same', async ({ request }) => {
  const document = (await (await request.get('/api/v1/jobs/float-leads')).json()) as { journal: unknown; plan: unknown }
  const made = await request.post('/api/v1/jobs?copy=1', { data: { ...document, padding: 'x'.repeat(600_000) } })
  expect(made.status()).toBe(201)
  const { id } = (await made.json()) as { id: string }
  const copy = (await (await request.get(`/api/v1/jobs/${id}`)).json()) as typeof document
  expect(copy.journal).toEqual(document.journal)
  const bad = await request.post('/api/v1/jobs', { data: { ...document, format: 'x', padding: 'x'.repeat(600_000) } })
  expect(bad.status()).toBe(400)
  expect(((await bad.json()) as { error: { issues: { path: string[] }[] } }).error.issues[0]?.path).toEqual(['format'])

  const long = leadCsv + `${' '.repeat(30)}\n`.repeat(1200)
  const planOf = async (csv: string) => {
    const job = await makeJob(request, 'Wide', csv)
    return ((await (await request.get(`/api/v1/jobs/${job}`)).json()) as typeof document).plan
  }
  expect(await planOf(long)).toEqual(await planOf(leadCsv))
  const preview = async (csv: string) =>
    (await (await request.post('/api/v1/pinout/preview', { data: { csv } })).json()) as object
  expect(await preview(long)).toEqual(await preview(leadCsv))
})
