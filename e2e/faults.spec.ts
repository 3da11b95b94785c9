import { tickLines } from './handWork'
import { alive, copyJob, expect, makeJob, nextStep, notice, sevenAtBench, strike, test } from './bench'

test('a first piece that pulls off too soon is written down and does not release the setup', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'Weak piece')
  await page.goto(`/jobs/${id}/kit`)
  await alive(page)
  await expect(nextStep(page)).toContainText('Change the setup')
  await strike(page, 'Enter')
  await expect(page.getByRole('heading', { name: 'Change the setup' })).toBeVisible()
  for (let tick = 0; tick < 8; tick++) await strike(page, 'Space')
  await expect(page.getByRole('heading', { name: 'First piece, on spare wire' })).toBeVisible()
  await tickLines(page)
  await page.getByLabel('Pulled off at, N').fill('9 lbf')
  await expect(page.getByText('40 N is below 85 N')).toBeVisible()
  await strike(page, 'Escape', 'Space')
  await expect(page.getByRole('heading', { name: 'The piece is not good' })).toBeVisible()
  await expect(page.getByText('Pull: 40 N, asked 85 N.')).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByText('not good: find the cause, then another piece')).toBeVisible()
  await expect(nextStep(page)).toContainText('Make a first piece')
  await page.getByLabel('Pulled off at, N').fill('nonsense')
  await expect(page.getByText('“nonsense” is no figure')).toBeVisible()
})

test('prep waits for a first piece; one of an unreleased setup may be stripped, and no second', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'Hold')
  await page.goto(`/jobs/${id}/prep`)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Prep can go no further: 0 of 4 done' })).toBeVisible()
  await page.goto(`/jobs/${id}/prep?at=${encodeURIComponent('1/W1/a')}`)
  await alive(page)
  for (let tick = 0; tick < 5; tick++) await strike(page, 'Space')
  // then the pedal leads on to Crimp
  await expect(page.getByRole('heading', { name: 'Prep can go no further: 1 of 4 done' })).toBeVisible()
  await strike(page, 'Space')
  await page.waitForURL('**/crimp?**')
  await expect(page.getByRole('heading', { name: 'Change the setup' })).toBeVisible()
  await page.goto(`/jobs/${id}/prep?at=${encodeURIComponent('1/W2/a')}`)
  await alive(page)
  await expect(page.getByText('Wait for the first piece.')).toBeVisible()
  await expect(page.getByRole('button', { name: /It is cut/ })).toBeDisabled()
})

test('a strip that is too long says what to trim, and takes inches', async ({ bench: page, request }) => {
  const id = await makeJob(request, 'Long strip')
  await page.goto(`/jobs/${id}/prep?at=1/W1/a`)
  await alive(page)
  await page.getByLabel('Strip as measured').fill('0.27 in')
  await expect(page.getByText(/Trim 1 mm off the conductor/)).toBeVisible()
  await page.getByLabel('Strip as measured').fill('5,9mm')
  await expect(page.getByText(/Trim/)).toHaveCount(0)
})

test('a meter of tenths cannot tell a contact of milliohms', async ({ bench: page, request }) => {
  const id = await copyJob(request, 'deck-loom')
  const append = async (entries: object[]) => {
    const { last } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1`)).json()) as { last: number }
    expect((await request.post(`/api/v1/jobs/${id}/journal`, { data: { seen: last, entries } })).status()).toBe(201)
  }
  await append([
    { id: 'prove-0002', kind: 'seated', term: '1/W01/a', end: 'C', cavity: 'A', checked: ['click'], tugN: 11 },
    { id: 'prove-0003', kind: 'seated', term: '1/W01/b', end: 'A', cavity: '1', checked: ['click'], tugN: 15 },
  ])
  await page.goto(`/jobs/${id}/prove`)
  await alive(page)
  await page.getByLabel('Leads show, Ω').fill('0.2')
  await page.getByLabel('Smallest step, Ω').fill('0.1')
  await page.keyboard.press('Enter')
  await page.getByLabel('Meter shows (Ω, or mohm)').fill('0.3')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('resistance-verdict')).toContainText('cannot tell')
  await expect(page.getByText('the reading may lie inside or outside')).toBeVisible()
  // whatever cannot be told, the bound that is certain stands there
  await expect(page.getByTestId('contacts-verdict')).toContainText('together at most')
})

test('without an operator nothing is written, and the page says what to do', async ({ page, request }) => {
  const id = await makeJob(request, 'Nobody')
  await page.goto(`/jobs/${id}/prep?at=1/W1/a`)
  await page.waitForLoadState('networkidle')
  await expect(page.getByText('Who is at this bench?')).toBeVisible()
  for (let tick = 0; tick < 5; tick++) await strike(page, 'Space')
  await expect(notice(page)).toContainText('Say first who is at this bench')
  expect(((await (await request.get(`/api/v1/jobs/${id}/journal`)).json()) as { last: number }).last).toBe(2)
  await page.getByRole('button', { name: 'Imke Rask' }).click()
  await expect(page.getByLabel('Who is at this bench')).toHaveValue('imke')
})

test('heights that rise six times in a row stop the line before a part is out', async ({ bench: page, request }) => {
  const id = await sevenAtBench(request, ({ crimp }) => {
    for (const [i, height] of [1.25, 1.26, 1.28, 1.29, 1.31].entries()) crimp(i + 1, height)
  })
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  await expect(nextStep(page)).toContainText('Crimp W6a')
  await strike(page, 'Space')
  await page.getByLabel(/Height, when measured/).fill('1.33')
  await strike(page, 'Escape', 'Space', 'Space', 'Space', 'Space', 'Space', 'Space', 'Space')
  await expect(
    page.getByRole('alert').filter({ hasText: 'Height six in a row, each above the one before' }),
  ).toContainText('1.33 mm at W6a: check the die')
  await expect(nextStep(page)).toContainText('first piece')
})
