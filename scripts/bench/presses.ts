import type { Page } from '@playwright/test'
import { jobDocument } from '../../e2e/jobDocument'
import type { HouseRules } from '../../src/core/parts/rules/houseRules'
import { newJobUnder } from '../../src/core/views/sevenLeads.testing'
import { openApp } from './app'

/**
 * How often a pedal or a key is pressed for the rest of each demo job, station by station, and for a sealed pair and one pin more,
 * under the usual house rules and where looks are answered at once: what is due is done as the screen asks for it, by Space, and
 * by Enter where the next step is elsewhere. A typed figure counts as one. Prints a table. `JOBS` names some of them, `TRACE=1`
 * prints what each press answered.
 */
const demoJobs = ['beacon-lead', 'sonde-pigtail', 'spare-pump', 'logger-box', 'winch-feed', 'deck-loom']
const stations = ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close'] as const
type Station = (typeof stations)[number]
/** Nothing that is asked for comes later than this, ms. */
const SETTLES_MS = 90
const MOST = 4000

const head = 'wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length'
const pair = [head, 'W1,TW-0.75,RD,P1,1,SW-2P,P2,1,SW-2R,620', 'W2,TW-0.75,BK,P1,2,SW-2P,P2,2,SW-2R,620']
const pin = [head, 'W1,TW-0.75,RD,P1,1,SW-2P,,,,620']
const atOnce: Partial<HouseRules> = { singlyFirst: 0 }

/** Jobs of this count alone: their pinout, what their rules say otherwise, and what ends them. */
const made: Readonly<Record<string, readonly [csv: readonly string[], rules: Partial<HouseRules>, ends: RegExp]>> = {
  'sealed pair, four crimps': [pair, {}, /^Seat/],
  'the same, looks at once': [pair, atOnce, /^Seat/],
  'one pin more': [pin, {}, /^(Close the lock|Fit|Plug)/],
  'the same, looks at once, its setup new': [pin, atOnce, /^(Close the lock|Fit|Plug)/],
}

const only = (process.env.JOBS ?? '').split(',').filter((one) => one !== '')
const isAsked = (job: string) => only.length === 0 || only.some((one) => job.includes(one))
const traces = process.env.TRACE === '1'

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

/** What the card's button answers now. */
const buttonOf = (page: Page) =>
  page.evaluate(() => document.querySelector('main aside button[data-variant=filled]')?.textContent ?? '–')

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

/** Makes a job of this count, with rules of its own. */
async function makeJob(base: string, title: string): Promise<string> {
  const [csv, rules] = made[title] ?? [pair, {}]
  const response = await fetch(`${base}/api/v1/jobs?copy=1`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(jobDocument(title, newJobUnder(title, csv.join('\n'), rules))),
  })
  if (response.status !== 201) throw new Error(await response.text())
  return ((await response.json()) as { id: string }).id
}

const { base, page, close } = await openApp('presses')
await page.context().addCookies([{ name: 'urn-operator', value: 'teodor', url: base }])
const rows: string[][] = []
for (const job of [...Object.keys(made), ...demoJobs].filter(isAsked)) {
  const id = job in made ? await makeJob(base, job) : job
  const ends = made[job]?.[2] ?? /^(Closed|Second signature|Sign|Put .* right)/
  const counts = new Map<Station, number>()
  const add = () => counts.set(stationOf(page), (counts.get(stationOf(page)) ?? 0) + 1)
  await page.goto(`${base}/jobs/${id}/kit`)
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
    if (ends.test(next)) {
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
    if (traces) console.log(`  ${stationOf(page)}\t${next.slice(0, 40)}\t${await buttonOf(page)}`)
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
const widths = heads.map((name, i) => Math.max(name.length, ...rows.map((row) => row[i]?.length ?? 0)))
for (const row of [heads, ...rows]) console.log(row.map((cell, i) => cell.padEnd(widths[i] ?? 0)).join('  '))
