import type { Page } from '@playwright/test'
import { axeFaults } from './axe'
import { alive, copyJob, expect, nextStep, quiet, strike, test, walk } from './bench'

/** Nothing is wider than the screen: no page is read by scrolling sideways. */
const overflow = (page: Page) => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)

/** Words and figures that their own box cuts off. A grid's cells are read in their editor. */
const cut = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll('body *')].flatMap((one) => {
      if (!(one instanceof HTMLElement) || one.closest('[role=grid], svg')) return []
      const { overflowX, clipPath } = getComputedStyle(one)
      const clips = overflowX === 'hidden' || overflowX === 'clip'
      if (!clips || clipPath !== 'none' || one.clientWidth < 4 || one.children.length > 3) return []
      return one.scrollWidth > one.clientWidth + 1 ? [one.textContent.trim()] : []
    }),
  )

const sizes = [
  [390, 844],
  [1024, 768],
  [1920, 1080],
] as const

for (const [width, height] of sizes)
  test(`at ${width} by ${height} nothing lies beside the screen or is cut off, and axe finds no fault`, async ({
    bench: page,
  }) => {
    await page.setViewportSize({ width, height })
    await page.goto('/jobs/deck-loom/crimp')
    await alive(page)
    for (const path of ['/jobs/deck-loom/crimp', '/jobs/sonde-pigtail/seat', '/jobs/deck-loom/prep']) {
      await walk(page, path)
      expect([path, await overflow(page)]).toEqual([path, 0])
      expect([path, await cut(page)]).toEqual([path, []])
      expect([path, await axeFaults(page)]).toEqual([path, []])
    }
  })

test('at home and on a small screen no line of a queue, and no step, is cut off', async ({ bench: page }) => {
  await page.goto('/jobs/winch-feed/kit')
  await alive(page)
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
  ] as const) {
    await page.setViewportSize({ width, height })
    for (const path of [
      'winch-feed/kit',
      'logger-box/prove',
      'spare-pump/seat',
      'beacon-lead/crimp',
      'deck-loom/close',
    ]) {
      await walk(page, `/jobs/${path}`)
      expect([width, path, await cut(page)]).toEqual([width, path, []])
    }
  }
})

test('twice as large, as on half a screen, every station and place can be read without scrolling sideways', async ({
  bench: page,
}) => {
  await page.setViewportSize({ width: 640, height: 400 })
  const stations = ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close', 'journal']
  await page.goto('/')
  await alive(page)
  for (const path of ['/', '/new', '/shelf', '/crib', '/ledger', ...stations.map((one) => `/jobs/deck-loom/${one}`)]) {
    await walk(page, path)
    expect([path, await overflow(page)]).toEqual([path, 0])
  }
})

test('a repair with a phone: out and in again by the thumb, the line that is due beside its button', async ({
  bench: page,
  request,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  const id = await copyJob(request, 'sonde-pigtail')
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  const main = page.locator('[class*=action] button').last()
  await expect(nextStep(page)).toContainText('Take S7a out of S.K')
  for (let presses = 0; presses < 24; presses++) {
    if (((await nextStep(page).textContent()) ?? '').startsWith('Look')) break
    const box = await main.boundingBox()
    // in reach of the thumb, and large enough for a glove
    expect(box && { low: box.y > 600, onScreen: box.y + box.height <= 844, tall: box.height >= 56 }).toEqual({
      low: true,
      onScreen: true,
      tall: true,
    })
    expect(await overflow(page)).toBe(0)
    await main.click()
    await quiet(page)
  }
  await expect(nextStep(page)).toContainText('Look')
  await page.getByText('Queue', { exact: true }).click()
  await expect(page.getByRole('listbox')).toBeVisible()
  await expect(main).toBeHidden()
  // a press on a pane's name leaves the keys and the pedal to the card
  await page.getByText('Now', { exact: true }).click()
  await strike(page, 'Space')
  await expect(page.getByRole('group', { name: 'Checks' }).getByRole('checkbox', { checked: true })).toHaveCount(1)
  await page.getByRole('button', { name: 'Stations, find, switches' }).click()
  await expect(page.getByRole('link', { name: /Prove/ })).toBeVisible()
})
