import type { Page } from '@playwright/test'
import { alive, copyJob, expect, makeJob, notice, strike, test } from './bench'

const outbox = (page: Page) => page.getByTestId('outbox')
const entriesOf = async (page: Page, id: string) =>
  (
    (await (await page.request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as {
      entries: { kind: string; id: string; lengthMm?: number }[]
    }
  ).entries

/** A network that is cut between this browser and the bench: what is sent gets nowhere. */
async function cutNetwork(page: Page): Promise<() => Promise<void>> {
  await page.context().route('**/api/v1/jobs/**', (route) => route.abort())
  return () => page.context().unroute('**/api/v1/jobs/**')
}

/** The ticks of a strip, and the press that writes it: cut and strip are two entries of one press. */
const strip = (page: Page) => strike(page, 'Space', 'Space', 'Space', 'Space', 'Space')

/** A new lead at Prep. */
async function atPrep(page: Page, title: string): Promise<string> {
  const id = await makeJob(page.request, title)
  await page.goto(`/jobs/${id}/prep?at=1/W1/a`)
  await alive(page)
  return id
}

/** A bench that breaks: errors of its requests are what the test is about. */
const breaks = test.extend<{ readonly broken: Page }>({
  broken: async ({ page, context, baseURL }, provide) => {
    await context.addCookies([{ name: 'urn-operator', value: 'teodor', url: baseURL ?? '' }])
    await provide(page)
  },
})

breaks(
  'with the network cut in the middle of a routine nothing is lost: it waits, survives a reload, and is sent by itself',
  async ({ broken: page }) => {
    const id = await atPrep(page, 'Cut network')
    const mend = await cutNetwork(page)
    await strip(page)
    await expect(outbox(page)).toContainText('2 entries wait: W1 cut, W1a stripped', { timeout: 15_000 })
    await expect(notice(page)).toContainText('It waits in this browser')
    expect((await entriesOf(page, id)).map((entry) => entry.kind)).not.toContain('wire-cut')
    // the same press again sends what waits, and makes no second entry
    await page.keyboard.press('Space')
    await expect(outbox(page)).toContainText('2 entries wait')
    // leaving warns; the page comes back with what waits
    let warned = 0
    page.on('dialog', (dialog) => {
      warned++
      void dialog.accept()
    })
    await page.reload()
    await alive(page)
    expect(warned).toBe(1)
    await expect(outbox(page)).toContainText('2 entries wait: W1 cut, W1a stripped')
    await mend()
    await expect(outbox(page)).toHaveCount(0, { timeout: 15_000 })
    // and nothing says any more that it was not
    await expect(notice(page)).toHaveCount(0)
    const written = await entriesOf(page, id)
    expect(written.filter((entry) => entry.kind === 'wire-cut')).toHaveLength(1)
  },
)

breaks('an answer that is lost is one’s own entry, not somebody else’s', async ({ broken: page }) => {
  const id = await atPrep(page, 'Lost answer')
  // the bench writes it, and its answer gets lost on the way
  await page.route('**/journal', async (route) => {
    if (route.request().method() !== 'POST') return route.continue()
    await route.fetch()
    return route.abort()
  })
  await strip(page)
  await expect(outbox(page)).toContainText('2 entries wait', { timeout: 15_000 })
  await page.unroute('**/journal')
  await expect(outbox(page)).toHaveCount(0, { timeout: 15_000 })
  await expect(page.getByText(/Somebody else/)).toHaveCount(0)
  expect((await entriesOf(page, id)).filter((entry) => entry.kind === 'wire-cut')).toHaveLength(1)
})

breaks(
  'what somebody else changed meanwhile is asked about: written again, or dropped, never lost by a later success',
  async ({ broken: page, request }) => {
    const id = await atPrep(page, 'Conflict')
    const mend = await cutNetwork(page)
    await strip(page)
    await expect(outbox(page)).toContainText('W1 cut', { timeout: 15_000 })
    const theirs = { id: 'theirs-0001', kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 615, by: 'ansa' }
    expect((await request.post(`/api/v1/jobs/${id}/journal`, { data: { seen: 2, entries: [theirs] } })).status()).toBe(
      201,
    )
    await mend()
    await expect(outbox(page)).toContainText('2 entries to decide about: W1 cut', { timeout: 15_000 })
    await outbox(page).click()
    await expect(page.getByText('Somebody else changed the same thing in between.').first()).toBeVisible()
    await page.getByRole('button', { name: 'Drop it' }).first().click()
    await expect(outbox(page)).toHaveCount(0)
    expect((await entriesOf(page, id)).filter((entry) => entry.kind === 'wire-cut')).toMatchObject([{ lengthMm: 615 }])
  },
)

breaks('a full disk is said, and what was pressed is written when there is room', async ({ broken: page }) => {
  const id = await atPrep(page, 'Full disk')
  await page.route('**/journal', (route) =>
    route.request().method() === 'POST'
      ? route.fulfill({
          status: 507,
          contentType: 'application/json',
          body: JSON.stringify({ error: { code: 'disk-full' } }),
        })
      : route.continue(),
  )
  await strip(page)
  await expect(notice(page)).toContainText('The disk of the bench is full')
  await outbox(page).click()
  await expect(page.getByText(/sent as soon as there is room/)).toBeVisible()
  await page.unroute('**/journal')
  await expect(outbox(page)).toHaveCount(0, { timeout: 15_000 })
  expect((await entriesOf(page, id)).filter((entry) => entry.kind === 'wire-cut')).toHaveLength(1)
})

test('ticks of the item in hand survive a reload, another station and back; not another try of the same piece', async ({
  bench: page,
  request,
}) => {
  const id = await copyJob(request, 'deck-loom')
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  const ticked = () => page.getByRole('group', { name: 'Checks' }).getByRole('checkbox', { checked: true })
  // the stroke, then two looks
  await strike(page, 'Space', 'Space', 'Space', 'Space', 'Space')
  await expect(ticked()).toHaveCount(2)
  await page.reload()
  await alive(page)
  await expect(ticked()).toHaveCount(2)
  await strike(page, 'g', '5')
  await page.waitForURL('**/seat**')
  await alive(page)
  await strike(page, 'g', '4')
  await page.waitForURL('**/crimp**')
  await alive(page)
  await expect(ticked()).toHaveCount(2)
  // the next item has none of them
  await strike(page, 'j')
  await expect(ticked()).toHaveCount(0)
  await strike(page, 'k')
  await expect(ticked()).toHaveCount(2)
})

test('a figure that is typed and not written yet survives a reload, and is gone with the piece', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'Half measured')
  await page.goto(`/jobs/${id}/prep?at=1/W1/a`)
  await alive(page)
  const field = page.getByLabel('Strip as measured')
  await strike(page, 'Space')
  await field.fill('3.9')
  await page.reload()
  await alive(page)
  await expect(field).toHaveValue('3.9')
  await expect(page.getByRole('group', { name: 'Checks' }).getByRole('checkbox', { checked: true })).toHaveCount(1)
  await strike(page, 'j')
  await expect(field).toHaveValue('')
  await strike(page, 'k')
  await expect(field).toHaveValue('3.9')
})

test('two tabs have one operator: who is picked in one is at the other at once', async ({
  bench: page,
  context,
  request,
}) => {
  const id = await copyJob(request, 'beacon-lead')
  await page.goto(`/jobs/${id}/prep`)
  await alive(page)
  const other = await context.newPage()
  await other.goto('/jobs/deck-loom/crimp')
  await alive(other)
  const here = (on: Page) => on.getByLabel('Who is at this bench').first()
  await expect(here(page)).toHaveValue('teodor')
  await here(other).selectOption('imke')
  await expect(here(page)).toHaveValue('imke')
  // and who writes there is whom it says
  const note = `seen by ${String(Date.now())}`
  await page.goto(`/jobs/${id}/journal`)
  await alive(page)
  await page.getByLabel('Note for the record').fill(note)
  await page.getByRole('button', { name: 'Write the note' }).click()
  await expect(page.getByRole('row').filter({ hasText: 'Imke Rask' }).first()).toBeVisible()
  await other.close()
})

breaks('neither a notice nor what waits moves the button that the hand reaches for', async ({ broken: page }) => {
  await atPrep(page, 'Nothing moves')
  await strike(page, 'Space', 'Space', 'Space', 'Space')
  const button = page.getByRole('button', { name: /^Prepared/ })
  const before = await button.boundingBox()
  const mend = await cutNetwork(page)
  await strike(page, 'Space')
  await expect(notice(page)).toBeVisible({ timeout: 15_000 })
  await expect(outbox(page)).toBeVisible()
  expect(await button.boundingBox()).toEqual(before)
  await mend()
  await expect(outbox(page)).toHaveCount(0, { timeout: 15_000 })
  await expect(notice(page)).toHaveCount(0)
})
