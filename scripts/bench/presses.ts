import type { Page } from '@playwright/test'
import { openApp } from './app'

/**
 * How often a pedal or a key is pressed for the rest of each demo job, station by station: what is due is done as the screen
 * asks for it, by Space, and by Enter where the next step is elsewhere. A typed figure counts as one. Prints a table.
 */
const jobs = ['beacon-lead', 'sonde-pigtail', 'spare-pump', 'logger-box', 'winch-feed', 'deck-loom']
const stations = ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close'] as const
type Station = (typeof stations)[number]
/** Nothing that is asked for comes later than this, ms. */
const SETTLES_MS = 90
const MOST = 4000

const only = (process.env.JOBS ?? '').split(',').filter((one) => one !== '')

/** What a press may change. */
const seen = (page: Page) =>
  page.evaluate(() =>
    [
      location.href,
      document.querySelector('[data-testid=next-step]')?.textContent,
      document.querySelector('main')?.querySelectorAll('[role=checkbox][aria-checked=true]').length,
      ...[...document.querySelectorAll('main h2')].map((one) => one.textContent),
      document.querySelector('main aside')?.textContent,
    ].join('|'),
  )

const stationOf = (page: Page): Station =>
  stations.find((one) => new URL(page.url()).pathname.endsWith(`/${one}`)) ?? 'plan'

/** A figure that the card waits for. */
async function typeFigure(page: Page): Promise<boolean> {
  for (const [label, figure] of [
    [/^Crimp height/, (low: number) => String(low + 0.02)],
    [/^Pulled off at/, (leastN: number) => `${String(Math.ceil(leastN * 1.3))} N`],
  ] as const) {
    const field = page.getByLabel(label)
    if ((await field.count()) === 0 || (await field.first().inputValue()) !== '') continue
    const asked = Number(/[0-9.]+/.exec((await field.first().getAttribute('placeholder')) ?? '')?.[0] ?? 1)
    await field.first().fill(figure(asked))
    await page.keyboard.press('Escape')
    return true
  }
  return false
}

const { base, page, close } = await openApp('presses')
await page.context().addCookies([{ name: 'urn-operator', value: 'teodor', url: base }])
const rows: string[][] = []
for (const job of jobs.filter((one) => only.length === 0 || only.includes(one))) {
  const counts = new Map<Station, number>()
  const add = () => counts.set(stationOf(page), (counts.get(stationOf(page)) ?? 0) + 1)
  await page.goto(`${base}/jobs/${job}/kit`)
  await page.waitForLoadState('networkidle')
  await page.keyboard.press('Enter')
  await page.waitForTimeout(1200)
  const tally = () =>
    page.evaluate((): Record<string, string> =>
      Object.fromEntries(
        [...document.querySelectorAll('nav a')].map((one): [string, string] => [
          one.firstChild?.textContent ?? '',
          one.lastChild?.textContent ?? '',
        ]),
      ),
    )
  const before = await tally()
  let ended = 'too many presses'
  for (let presses = 0; presses < MOST; presses++) {
    const next = (await page.getByTestId('next-step').textContent()) ?? ''
    if (/^(Closed|Second signature|Sign)/.test(next)) {
      ended = next
      break
    }
    // nothing is pressed that cannot be pressed yet: probes take their time
    await page
      .locator('main aside button[data-variant=filled]:not([disabled])')
      .first()
      .waitFor({ timeout: 1500 })
      .catch(() => undefined)
    const now = await seen(page)
    add()
    await page.keyboard.press('Space')
    // a harness is moved for as long as it is asked; then one press writes it down
    if (next.startsWith('Move the harness')) {
      await page.getByRole('button', { name: 'Stop, write it down' }).waitFor({ timeout: 60_000 })
      add()
      await page.keyboard.press('Space')
      await page.waitForTimeout(1000)
      continue
    }
    await page.waitForTimeout(SETTLES_MS)
    if ((await seen(page)) !== now) continue
    await page.waitForTimeout(500)
    if ((await seen(page)) !== now) continue
    if (await typeFigure(page)) continue
    await page.keyboard.press('Enter')
    await page.waitForTimeout(700)
    if ((await seen(page)) !== now) continue
    ended = `stops at “${next}”`
    break
  }
  const after = await tally()
  const done = (name: string) => Number(String(after[name]).split('/')[0]) - Number(String(before[name]).split('/')[0])
  rows.push([
    job,
    ...stations.map((one) => String(counts.get(one) ?? 0)),
    String([...counts.values()].reduce((sum, one) => sum + one, 0)),
    `${String(done('Crimp'))} crimps, ${String(done('Seat'))} tasks at Seat`,
    ended,
  ])
  console.log(rows.at(-1)?.join('\t'))
}
await close()
const heads = ['job', ...stations, 'all', 'made', 'ends with']
const widths = heads.map((head, i) => Math.max(head.length, ...rows.map((row) => row[i]?.length ?? 0)))
for (const row of [heads, ...rows]) console.log(row.map((cell, i) => cell.padEnd(widths[i] ?? 0)).join('  '))
