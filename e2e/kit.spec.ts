import { alive, expect, makeJob, quiet, strike, test } from './bench'

test('the whole job is worked out: fewest setups, proven, and used with one key', async ({ bench: page }) => {
  const id = await makeJob(page.request, 'Whole job')
  await page.goto(`/jobs/${id}/kit`)
  await alive(page)
  await strike(page, 'w')
  await expect(page.getByText('2 groups of like terminations')).toBeVisible()
  await strike(page, ' ')
  await expect(page.getByText('✓ proven best')).toHaveCount(3, { timeout: 30_000 })
  await expect(page.getByRole('heading', { name: 'Nothing could be better' })).toBeVisible()
  await strike(page, 'Escape')
  await expect(page.getByRole('complementary', { name: 'This termination' })).toBeVisible()
})

test('a set chosen by hand stays, and what it costs is said', async ({ bench: page }) => {
  const id = await makeJob(page.request, 'By hand')
  await page.goto(`/jobs/${id}/kit?at=1/W1/a`)
  await alive(page)
  // the sets have come: before that there is no second one to pick
  await expect(page.getByText('✓ chosen')).toBeVisible()
  await strike(page, '2')
  await page.getByRole('button', { name: 'Choose this set' }).click()
  await expect(page.getByText('This set is chosen')).toBeVisible()
  await strike(page, 'w')
  await expect(page.getByRole('cell', { name: 'by hand' })).toBeVisible()
  await strike(page, ' ')
  await expect(page.getByText('By hand costs')).toBeVisible({ timeout: 30_000 })
})

test('parts are taken for a job, short ones named with their packs, and given back', async ({ bench: page }) => {
  const id = await makeJob(page.request, 'Parts')
  await page.goto(`/jobs/${id}/kit`)
  await alive(page)
  await strike(page, 'p')
  await expect(page.getByRole('row', { name: /CM-SK-N/ })).toContainText('2 + 1 test + 1 spare')
  await expect(page.getByRole('row', { name: /IS-M3/ })).toContainText('not counted')
  await strike(page, ' ')
  await expect(page.getByText('Reserved what is there. Short:')).toBeVisible()
  await expect(page.getByRole('row', { name: /CM-SK-N/ })).toContainText('4 taken')
  await strike(page, ' ')
  await expect(page.getByText('The parts are free again.')).toBeVisible()
  const pdf = await page.request.get(`/jobs/${id}/papers/kit-list.pdf`)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  expect((await pdf.body()).subarray(0, 4).toString()).toBe('%PDF')
})

test('what the crib cannot crimp: every way is compared, and the cheapest tools are proven', async ({
  bench: page,
}) => {
  const csv =
    'wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length\nW1,TW-1.0,RD,A,1,CM-3P,RG-1-4,,,300\n'
  const id = await makeJob(page.request, 'Rings', csv)
  await page.goto(`/jobs/${id}/kit`)
  await alive(page)
  await expect(page.getByText('RT-2, RT-4, RT-8 could crimp it, and none of them is in the crib').first()).toBeVisible()
  await strike(page, 'b')
  await expect(page.getByRole('heading', { name: 'Cheapest: 68' })).toBeVisible({ timeout: 30_000 })
  await expect(page.getByText('Proven: no cheaper tools crimp all of it.')).toBeVisible()
})

test('pins or sockets are asked once for an end, and all its wires follow', async ({ bench: page }) => {
  const rows = [1, 2, 3].map((n) => `W${n},UT-0.14,RD,A,${n},SH-1x3,,,,300`)
  const id = await makeJob(
    page.request,
    'Either',
    `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length\n${rows.join('\n')}\n`,
  )
  await page.goto(`/jobs/${id}/kit`)
  await alive(page)
  const asks = page.getByRole('group', { name: 'Pins or sockets at A?' })
  await expect(asks).toContainText('Said once, for all 3 wires of it.')
  await strike(page, 'n')
  await expect(asks).toHaveCount(0)
  const { plan } = (await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as {
    plan: { ends: { id: string; gender?: string }[] }
  }
  expect(plan.ends).toMatchObject([{ id: 'A', gender: 'pin' }])
})

test('what to bring to the bench is ticked by key, tool by tool', async ({ bench: page }) => {
  await page.goto('/jobs/beacon-lead/kit')
  await alive(page)
  await strike(page, 't')
  const list = page.getByRole('complementary', { name: 'What to bring to the bench' })
  await expect(list).toContainText('stripper')
  await expect(list).toContainText('labels, one for each wire’s end')
  await expect(page.getByRole('region', { name: 'Parts, with test pieces and spares' })).toContainText('CM-3P')
  for (let ticks = 0; ticks < 14 && (await list.count()) > 0; ticks++) await strike(page, ' ')
  await expect(page.getByText('All of it is at the bench.')).toBeVisible()
})

test('a hand tool that is not back is missing at the tray, by its number', async ({ bench: page }) => {
  const id = await makeJob(page.request, 'Blade lost')
  await page.goto(`/jobs/${id}/close`)
  await alive(page)
  await expect(page.getByText(/RL-B, release tool/)).toBeVisible()
  await page.getByRole('button', { name: /^Something is missing/ }).click()
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText(/Missing:.*RL-B/)).toBeVisible()
  const { journal } = (await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as {
    journal: { kind: string; tools?: { tool: string; back: boolean }[] }[]
  }
  expect(journal.at(-1)?.tools).toContainEqual({ tool: 'RL-B', back: false })
})

interface Part {
  readonly id: string
}
interface ShelfFamily extends Part {
  readonly contacts: readonly Part[]
  readonly housings: readonly Part[]
  readonly sizes: readonly Part[]
}

test('a contact that no card names: the nest is tried, and the hand names the snug one on the setup’s card', async ({
  bench: page,
  request,
}) => {
  const { families } = (await (await request.get('/api/v1/catalogue')).json()) as { families: readonly ShelfFamily[] }
  const model = families.find(({ contacts }) => contacts.some(({ id }) => id === 'CS-ST-N'))
  const without = (part: Part | undefined, ...names: string[]) =>
    Object.fromEntries(Object.entries(part ?? {}).filter(([name]) => !names.includes(name)))
  const family = {
    ...without(model, 'parts', 'seals'),
    id: 'own',
    name: 'Own',
    sealing: 'none',
    sizes: model?.sizes.map((size) => without(size, 'plug')),
    housings: [{ ...without(model?.housings[0], 'lock', 'interfaceSeal'), id: 'OW-1' }],
    contacts: [
      {
        ...without(
          model?.contacts.find(({ id }) => id === 'CS-ST-N'),
          'sheetTool',
        ),
        id: 'OW-ST',
      },
    ],
  }
  const put = await request.post('/api/v1/catalogue', {
    data: { format: 'urn-bench/catalogue', version: 1, families: [family], wireTypes: [], tools: [], placards: [] },
  })
  expect(put.status()).toBe(200)
  const id = await makeJob(
    request,
    'Tried',
    'wire,type,colour,from end,from cavity,from housing,to end,to cavity,length\nW1,TW-0.35,RD,P1,1,OW-1,,,300 mm\n',
  )
  await page.goto(`/jobs/${id}/plan`)
  await alive(page)
  await page.getByLabel('House rules').selectOption('hobby-bench')
  await strike(page, 'Control+s')
  await quiet(page)
  await page.goto(`/jobs/${id}/crimp?at=${encodeURIComponent('1/W1/a')}`)
  await alive(page)
  const changes = page.getByRole('region', { name: 'What changes' })
  await expect(changes.getByRole('row', { name: /^Nest – 1.2/ })).toBeVisible()
  await page.getByRole('button', { name: 'Nest 1.5 is the snug one' }).click()
  await expect(changes.getByRole('row', { name: /^Nest – 1.5/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Nest 1.2 is the snug one' })).toBeVisible()
})
