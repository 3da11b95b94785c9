import { BURST_MS } from '../src/ui/keys/keyModel'
import { axeFaults } from './axe'
import { alive, copyAt, copyJob, expect, makeJob, nextStep, strike, test } from './bench'

test.describe('a browser in another zone than its bench', () => {
  test.use({ timezoneId: 'America/New_York' })

  test('days and times are the bench’s, on every screen and as the server draws it', async ({
    bench: page,
    request,
  }) => {
    const id = await makeJob(request, 'Zoned')
    await page.goto('/rules')
    await alive(page)
    const zone = page.getByRole('combobox', { name: 'Time zone of this bench' })
    await zone.fill('Kiln/Seven')
    await strike(page, 'Tab')
    await expect(page.getByText('“Kiln/Seven” is no time zone that this machine knows')).toBeVisible()
    await zone.fill('Asia/Kathmandu')
    await strike(page, 'Tab')
    const [day, time] = Intl.DateTimeFormat('en-GB', {
      timeZone: 'Asia/Kathmandu',
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      hour: '2-digit',
      minute: '2-digit',
    })
      .format(new Date())
      .split(', ')
    await expect(page.getByText(new RegExp(`It is ${day ?? ''}, ${(time ?? '').slice(0, 2)}:`))).toBeVisible()
    await page.goto(`/jobs/${id}/journal`)
    await alive(page)
    await expect(page.getByRole('cell', { name: new RegExp(`^${day ?? ''}, `) }).first()).toBeVisible()
    await page.goto('/')
    await expect(page.getByRole('heading', { level: 2 }).first()).toContainText(
      Intl.DateTimeFormat('en', { timeZone: 'Asia/Kathmandu', weekday: 'long' }).format(new Date()),
    )
  })
})

test('what is selected is what the address says: it outlives a reload, and a link means the same', async ({
  bench: page,
  request,
}) => {
  const id = await copyJob(request, 'deck-loom')
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  const selected = page.getByRole('listbox').getByRole('option', { selected: true })
  await strike(page, 'j', 'j')
  const chosen = await selected.innerText()
  // the address follows a held key at its own pace
  const [, wire = '', side = ''] = /(W\d+)([ab])/.exec(chosen) ?? []
  await expect.poll(() => new URL(page.url()).searchParams.get('at')).toBe(`1/${wire}/${side}`)
  await page.reload()
  await alive(page)
  await expect(selected).toHaveText(chosen.replaceAll('\n', ''))
  await strike(page, 'k', 'k')
  await expect(selected).not.toHaveText(chosen.replaceAll('\n', ''))
})

test('a step that is gone to a moment after a selection is arrived at, however late its page comes', async ({
  bench: page,
}) => {
  await page.goto('/jobs/deck-loom/crimp')
  await alive(page)
  // the page of another station is slower than the address, which follows the selection
  await page.route('**/jobs/deck-loom/prep?*', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  // as fast as a hand can, so that the address has not followed yet when the station is gone to; and one too many on the way
  for (const key of ['ArrowDown', 'ArrowDown', 'g', '3', 'ArrowDown']) {
    await page.keyboard.press(key)
    await page.waitForTimeout(BURST_MS + 5)
  }
  await expect.poll(() => new URL(page.url()).pathname).toBe('/jobs/deck-loom/prep')
})

test('a hand runs down the queue: what it does next is done to what is selected, drawn or not', async ({
  bench: page,
}) => {
  await page.goto('/jobs/deck-loom/crimp')
  await alive(page)
  const selected = page.getByRole('listbox').getByRole('option', { selected: true })
  const before = await selected.innerText()
  // two moves and another key as fast as a hand can, on a machine so slow that no frame comes between
  const card = await page.evaluate(() => {
    const press = (key: string) => {
      window.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
      const until = performance.now() + 45
      while (performance.now() < until);
    }
    for (const key of ['ArrowDown', 'ArrowDown', 'Escape']) press(key)
    return document.querySelector('aside')?.textContent ?? ''
  })
  const wire = /W\d+/.exec(await selected.innerText())?.[0] ?? 'none'
  expect(wire).not.toBe(/W\d+/.exec(before)?.[0])
  // Escape does more than move: its card was there when it was struck
  expect(card).toContain(`${wire}a`)
  // however far it runs, what it has is in sight
  for (let moves = 0; moves < 30; moves++) await page.keyboard.press('ArrowDown')
  await expect(selected).toBeInViewport({ ratio: 1 })
  for (let moves = 0; moves < 30; moves++) await page.keyboard.press('ArrowUp')
  await expect(selected).toBeInViewport({ ratio: 1 })
})

test('a part of a screen that cannot be fetched says so, and comes when it is asked for again', async ({
  page,
  request,
  baseURL,
}) => {
  await page.context().addCookies([{ name: 'urn-operator', value: 'teodor', url: baseURL ?? '' }])
  const id = await makeJob(request, 'Cut off')
  await page.goto(`/jobs/${id}/plan`)
  // what the screen fetches by itself is there, so that only what is asked for next is missing
  await alive(page)
  await expect(page.getByRole('grid')).toBeVisible()
  await page.route(/\/_next\/static\/chunks\//, (route) => route.abort())
  await page.getByRole('button', { name: 'Add an end…' }).click()
  await expect(page.getByText('This part of the screen did not come')).toBeVisible()
  await page.unroute(/\/_next\/static\/chunks\//)
  await page.getByRole('button', { name: 'Fetch it again' }).click()
  await expect(page.getByLabel('Housing', { exact: true })).toBeVisible()
})

test('a bench that says gauges, inches and pounds first says them on every screen, mm small beside; prices have its currency', async ({
  bench: page,
}) => {
  await page.goto('/rules')
  await alive(page)
  const setting = page.getByRole('region', { name: 'The bench’s units and money' })
  await expect(setting).toContainText('A strip here is 4.4 mm (.173 in)')
  // every word is said anew: the page begins again
  const anew = (click: Promise<void>) => Promise.all([page.waitForEvent('load'), click])
  await anew(setting.getByText('AWG, in, lbf').click())
  await expect(setting).toContainText('A strip here is .173 in (4.4 mm)')
  await setting.getByRole('combobox', { name: 'Prices are in' }).fill('NOK')
  await anew(page.getByRole('option', { name: 'NOK' }).click())
  await expect(setting.getByRole('combobox', { name: 'Prices are in' })).toHaveValue('NOK')
  await page.goto('/jobs/deck-loom/prep?at=1/W21/a')
  await alive(page)
  const readouts = page.getByRole('main').locator('dl').first()
  await expect(readouts).toContainText('.199in5.1 mm')
  await expect(page.getByRole('complementary')).toContainText('.186 to .212 in (4.7 to 5.4 mm)')
  // a figure without a unit is in the bench's, told as it was understood; one with a unit is in its own
  await page.getByLabel('Strip as measured').fill('.2')
  await expect(page.getByText('read as 0.2 in, that is 5.08 mm')).toBeVisible()
  await page.getByLabel('Strip as measured').fill('5.1 mm')
  await expect(page.getByText('read as')).toHaveCount(0)
  await page.getByLabel('Strip as measured').fill('')
  // a figure that the bench writes into a field says its unit: a bare one there would be inches
  await page.goto('/jobs/deck-loom/kit?at=1/W10/b')
  await alive(page)
  await strike(page, 'm')
  await expect(page.getByLabel(/Over insulation/)).toHaveValue('2.95 mm')
  await page.goto('/jobs/deck-loom/kit?at=1/W03/a')
  await alive(page)
  await expect(page.getByRole('complementary')).toContainText('24 to 18 AWG')
  await expect(page.getByRole('complementary')).toContainText('13.5 lbf')
  await page.goto('/crib')
  await expect(page.getByRole('row').filter({ hasText: 'PF-17' })).toContainText('940 NOK')
  // and back, for those who come after
  await page.goto('/rules')
  await alive(page)
  await anew(setting.getByText('mm, mm², N').click())
  await expect(setting).toContainText('A strip here is 4.4 mm (.173 in)')
})

test.describe('to somebody who has read no caution today', () => {
  test.use({ cautionsRead: false })

  test('the first press at Prove and at a take-out answers the caution; no press before it passes, fails or ticks anything', async ({
    bench: page,
    request,
  }) => {
    const id = await copyAt(request, await makeJob(request, 'Careful'), 'prove')
    const last = async (job: string) =>
      ((await (await request.get(`/api/v1/jobs/${job}/journal?limit=1`)).json()) as { last: number }).last
    const before = await last(id)
    await page.goto(`/jobs/${id}/prove?at=1/W1`)
    await alive(page)
    const caution = page.getByRole('note', { name: 'Caution' })
    await expect(caution).toContainText('Disconnect the equipment at both ends')
    await expect(page.getByRole('button', { name: /It passes/ })).toBeDisabled()
    expect(await axeFaults(page)).toEqual([])
    // neither yes nor no before it has been read
    await strike(page, 'x')
    await expect(page.getByLabel('Rings instead at')).toHaveCount(0)
    await strike(page, 'Space')
    await expect(caution).toHaveCount(0)
    expect(await last(id)).toBe(before)
    await strike(page, 'Space')
    expect(await last(id)).toBe(before + 1)
    // read once it is read for today
    await page.reload()
    await alive(page)
    await expect(page.getByRole('button', { name: /It (passes|is silent)/ })).toBeEnabled()
    await expect(caution).toHaveCount(0)
    // taking something out of what may be live asks its own
    const pigtail = await copyJob(request, 'sonde-pigtail')
    const begun = await last(pigtail)
    await page.goto(`/jobs/${pigtail}/seat`)
    await alive(page)
    await expect(nextStep(page)).toContainText('Take S7a out')
    await expect(caution).toContainText('Before the connector is opened')
    await strike(page, 'Space')
    await expect(caution).toHaveCount(0)
    await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(0)
    expect(await last(pigtail)).toBe(begun)
  })
})

test.describe('a clock that is put forward', () => {
  test.use({ ownContext: true })

  test('a screen that is left on knows the day that has come: a tool falls due on it', async ({ bench: page }) => {
    await page.clock.install()
    await page.goto('/jobs/deck-loom/plan')
    await alive(page)
    const overdue = page.getByRole('list', { name: 'At odds with the house rules' }).getByText('QF-5')
    await expect(overdue).toHaveCount(0)
    await page.clock.fastForward(2 * 365 * 86_400_000)
    await expect(overdue).toBeVisible()
  })
})
