import { axeFaults } from './axe'
import { alive, BUSY_MS, copyAt, expect, makeJob, nextStep, quiet, strike, test } from './bench'
import { doNextStep } from './handWork'

interface Journal {
  readonly entries: readonly { readonly kind: string; readonly [key: string]: unknown }[]
}

test('a hidden mis-wire: the analyser finds it over all pairs, it is explained, mended at Seat, and the next run is as planned', async ({
  bench: page,
  request,
}) => {
  const id = await copyAt(request, await makeJob(request, 'Hidden'), 'prove')
  await page.goto(`/jobs/${id}/prove?at=analyse+1`)
  await alive(page)
  await page.getByRole('button', { name: 'Practice…' }).click()
  await page.getByRole('button', { name: 'Hide it by chance' }).click()
  await expect(page.getByText('1 fault hidden in this unit.')).toBeVisible()
  // the record does not know of it
  const before = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as Journal
  await expect(page.getByRole('region', { name: 'Ends on the analyser’s points' })).toContainText('P2')
  await strike(page, 'Space', 'Space')
  await expect(page.getByRole('heading', { name: /Run at .*: not all as planned/ })).toBeVisible({ timeout: BUSY_MS })
  await expect(page.getByText('Did not prove', { exact: true })).toBeVisible()
  await strike(page, 'd')
  await expect(page.getByRole('heading', { name: 'One mistake explains all 2 failures' })).toBeVisible()
  await expect(page.getByRole('heading', { name: /two contacts changed places/ })).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  // continuity is the same either way: whoever looks sees at which end it is
  const looked = await request.post('/api/instruments/analyser/practice', { data: { job: id, unit: 1, reveal: true } })
  const { faults } = (await looked.json()) as { faults: readonly { terms: readonly string[] }[] }
  await strike(page, faults[0]?.terms[0]?.endsWith('/b') ? '2' : '1')
  await page.waitForURL(/\/seat/)
  await alive(page)
  while (!(await nextStep(page).textContent())?.startsWith('Probe')) await doNextStep(page)
  await page.goto(`/jobs/${id}/prove?at=analyse+1`)
  await alive(page)
  await strike(page, 'Space', 'Space')
  await expect(page.getByRole('heading', { name: /✓ All as planned/ })).toBeVisible({ timeout: BUSY_MS })
  const { entries } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as Journal
  const since = entries.slice(before.entries.length).map(({ kind }) => kind)
  expect(since.filter((kind) => kind === 'harness-analysed')).toHaveLength(2)
  expect(since).toContain('misplaced')
  const [first, second] = entries.filter(({ kind }) => kind === 'harness-analysed')
  expect(first).toMatchObject({ readBy: 'URN BENCH,TARN-A,stand-in,1.0', temperatureC: 20 })
  expect((second?.joined as readonly object[]).length).toBe(2)
  // and from there to the signature
  for (let steps = 0; steps < 40 && !(await page.getByText('Signed and closed').count()); steps++)
    await doNextStep(page)
  await expect(page.getByText('Signed and closed')).toBeVisible({ timeout: BUSY_MS })
})

test('a fault that comes and goes: seen while all is moved, its place found at one contact alone, and the contact made again', async ({
  bench: page,
  request,
}) => {
  test.setTimeout(120_000)
  const id = await copyAt(request, await makeJob(request, 'Now and then'), 'prove')
  await page.goto(`/jobs/${id}/prove?at=move+1`)
  await alive(page)
  await page.getByRole('button', { name: 'Practice…' }).click()
  await page.getByRole('checkbox', { name: 'two contacts changed places' }).uncheck()
  await page.getByRole('checkbox', { name: 'open now and then' }).check()
  await page.getByRole('button', { name: 'Hide it by chance' }).click()
  await expect(page.getByText('1 fault hidden in this unit.')).toBeVisible()
  const failed = page.getByRole('heading', { name: /One is enough: W\d has failed/ })
  await strike(page, 'Space')
  await expect(failed).toBeVisible({ timeout: BUSY_MS })
  expect(await axeFaults(page)).toEqual([])
  const wire = /W\d/.exec((await failed.textContent()) ?? '')?.[0] ?? ''
  await strike(page, 'Escape')
  await expect(page.getByText('Too short to be seen: anything under 2 ms.')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Interruptions, the last first' })).toContainText('all of it moved')
  // no probe proves what opens now and then: its card leads back to where it is moved
  await page.getByRole('option', { name: new RegExp(`${wire} P1`) }).click()
  await page.getByRole('button', { name: 'Move it again: find the place' }).click()
  await page.waitForURL(/at=move/)
  await quiet(page)
  // place by place, each long enough to answer
  await strike(page, 'p')
  const moving = page.getByRole('complementary', { name: 'Move and watch' }).getByRole('listitem')
  await expect(moving).toHaveCount(6, { timeout: BUSY_MS })
  for (let place = 0; place < 6; place++) {
    await expect(moving.nth(place)).toHaveAttribute('aria-current', 'step', { timeout: BUSY_MS })
    await page.waitForTimeout(1500)
    await strike(page, 'Space')
  }
  const likely = page.getByText(/while P\d\.\d alone was moved/)
  await expect(likely).toBeVisible({ timeout: BUSY_MS })
  const place = /P\d\.\d/.exec((await likely.textContent()) ?? '')?.[0] ?? ''
  await page.getByRole('button', { name: `It is at ${place}` }).click()
  await strike(page, '2')
  await page.waitForURL(/\/seat/)
  await alive(page)
  await quiet(page)
  await expect(nextStep(page)).toContainText('Take')
  const { entries } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as Journal
  const moved = entries.filter(({ kind }) => kind === 'harness-moved')
  expect(moved.length).toBe(2)
  expect(moved[1]).toMatchObject({ rateHz: 1000 })
  expect((moved[1]?.events as readonly { term?: string }[]).some(({ term }) => term !== undefined)).toBe(true)
  expect(moved[1]?.silent).toBeDefined()
  expect(entries.at(-1)).toMatchObject({ kind: 'damage-reported', what: 'contact' })
})

test('two pedals: a short press passes, a long one fails; the retention gauge is asked for and what moved goes back to Seat', async ({
  bench: page,
  request,
}) => {
  const id = await copyAt(request, await makeJob(request, 'Pedals'), 'prove')
  await page.goto(`/jobs/${id}/prove`)
  await alive(page)
  const journal = async () =>
    ((await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as Journal).entries
  // the walk is worked out beside the page
  await expect(page.getByText('To probe, shortest walk')).toBeVisible()
  await page.keyboard.down(' ')
  await page.waitForTimeout(800)
  await page.keyboard.up(' ')
  await expect.poll(async () => (await journal()).at(-1)).toMatchObject({ result: 'fail' })
  const failed = (await journal()).at(-1)
  await page.goto(`/jobs/${id}/prove?at=${failed?.kind === 'net-probed' ? `1/${String(failed.wire)}` : '1/P1.1|P1.2'}`)
  await alive(page)
  // a press in the rhythm of the one before passes nothing
  await expect(
    page.getByRole('button', { name: /^(Probe again: it passes|It passes|It is silent|Probe again: it is silent)/ }),
  ).toBeEnabled()
  await strike(page, 'Space')
  await expect.poll(async () => (await journal()).at(-1)).toMatchObject({ result: 'pass' })
  while ((await nextStep(page).textContent())?.startsWith('Probe')) await doNextStep(page)
  await expect(nextStep(page)).toContainText('Gauge W1a')
  await strike(page, 'Enter')
  await page.getByLabel('Gauge shows, N').fill('3 N')
  await page.getByLabel('Gauge shows, N').press('Escape')
  await expect(page.getByRole('button', { name: /^It holds/ })).toBeEnabled()
  await strike(page, 'Space')
  await expect(page.getByText(/It was pulled with 3 N/)).toBeVisible()
  await page.getByLabel('Gauge shows, N').fill('')
  await page.getByLabel('Gauge shows, N').press('Escape')
  await strike(page, 'x')
  await expect(nextStep(page)).toContainText('Take W1a out')
  expect((await journal()).at(-1)).toMatchObject({ kind: 'contact-held', held: false, test: 'retention' })
})

test('two plugs of one keying can change places: the study says what meets, and a press puts another keying into the plan', async ({
  bench: page,
  request,
}) => {
  const csv = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,signal
W1,TW-0.25,RD,A,A,RK-7P,B,B,RK-7P,400,pump supply
W2,TW-0.25,BK,A,B,RK-7P,B,A,RK-7P,400,pump return
`
  const id = await makeJob(request, 'Keyings', csv)
  await page.goto(`/jobs/${id}/prove?at=mismate`)
  await alive(page)
  await expect(page.getByRole('heading', { name: '▲ 2 of 2 wrong ways do harm' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'What meets what' })).toContainText('supply on return: a short')
  expect(await axeFaults(page)).toEqual([])
  await strike(page, 'Space')
  await expect(page.getByText('All that are alike have keyings of their own.')).toBeVisible({ timeout: BUSY_MS })
  await expect(page.getByRole('heading', { name: '✓ No end of this job can be joined wrongly' })).toBeVisible()
})

test('two wires in each other’s cavity: the probes say where they ring, one mistake explains it, Seat puts it right, and it is proved', async ({
  bench: page,
  request,
}) => {
  const id = await copyAt(request, await makeJob(request, 'Crossed'), 'prove')
  await page.goto(`/jobs/${id}/prove?at=1/W1`)
  await alive(page)
  const card = page.getByRole('complementary', { name: 'This net' })
  // W1 does not ring at P2.1 but at its neighbour: typed, held against what is there
  await strike(page, 'x')
  await card.getByLabel('Rings instead at').fill('9')
  await expect(card.getByText('There is no cavity P2.9. Like 5, or B.5 where it is another end.')).toBeVisible()
  await card.getByLabel('Rings instead at').fill('2')
  await page.keyboard.press('Enter')
  await page.goto(`/jobs/${id}/prove?at=1/W2`)
  await alive(page)
  // W2 the other way round: picked on the face
  await strike(page, 'x')
  await page.getByRole('region', { name: 'Probe black' }).getByRole('button', { name: /^1/ }).click()
  await expect(card.getByLabel('Rings instead at')).toHaveValue('P2.1')
  await card.getByLabel('Rings instead at').press('Enter')
  await expect(card.getByRole('button', { name: /What explains it/ })).toBeVisible()
  await strike(page, 'd')
  await expect(page.getByRole('heading', { name: 'One mistake explains all 2 failures' })).toBeVisible()
  await expect(page.getByRole('heading', { name: /At P1 or P2: two contacts changed places/ })).toBeVisible()
  await expect(page.getByText('holds W1, which belongs in P2.1')).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  // it was looked at: it is at P1
  await strike(page, '1')
  await page.waitForURL(/\/seat/)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'In P1.2, belongs in P1.1' })).toBeVisible()
  for (let press = 0; press < 60 && !page.url().includes('/prove'); press++) await strike(page, 'Space')
  await page.waitForURL(/\/prove/)
  await alive(page)
  while ((await nextStep(page).textContent())?.startsWith('Probe')) await doNextStep(page)
  const journal = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as {
    entries: readonly { kind: string; wire: string; result: string; rings?: string[] }[]
  }
  const probes = journal.entries.filter(({ kind }) => kind === 'net-probed')
  expect(probes.slice(0, 2)).toMatchObject([
    { result: 'fail', rings: ['P2.2'] },
    { result: 'fail', rings: ['P2.1'] },
  ])
  // the evidence of both tries stays
  expect(
    probes
      .slice(2)
      .map(({ wire, result }) => `${wire} ${result}`)
      .sort(),
  ).toEqual(['W1 pass', 'W2 pass'])
})

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
