import type { Page } from '@playwright/test'
import type { JobState } from '../src/core/record/state/state'
import { alive, copyUntil, expect, nextStep, quiet, strike, test } from './bench'

const MAIN = 'main aside button[data-variant=filled]'

/** What a press may change (the place, the card, its ticks), what is next, and whether what the pedal presses is not yet free. */
const look = (page: Page) =>
  page.evaluate((main) => {
    const next = document.querySelector('[data-testid=next-step]')?.textContent ?? ''
    const card = document.querySelector('main aside')?.textContent
    const titles = [...document.querySelectorAll('main h2')].map((one) => one.textContent)
    return {
      next,
      isHeld: document.querySelector<HTMLButtonElement>(main)?.disabled === true,
      all: [location.href, next, card, ...titles].join('|'),
    }
  }, MAIN)

/** A figure that the card waits for comes from an instrument: a burst that ends with Enter. */
async function burst(page: Page): Promise<boolean> {
  for (const [label, figure] of [
    [/^Crimp height/, (low: number) => String(low + 0.02)],
    [/^Pulled off at/, (leastN: number) => `${String(Math.ceil(leastN * 1.3))} N`],
  ] as const) {
    const field = page.getByLabel(label).first()
    if ((await field.count()) === 0 || (await field.inputValue()) !== '') continue
    const asked = Number(/[0-9.]+/.exec((await field.getAttribute('placeholder')) ?? '')?.[0] ?? 1)
    await field.focus()
    await page.keyboard.type(figure(asked))
    await page.keyboard.press('Enter')
    // no foot is as fast as an instrument: by then its figure is taken, and its field left
    await page.waitForTimeout(150)
    return true
  }
  return false
}

/** The pedal alone, until the frame says what nobody does with a foot. */
async function byPedal(page: Page, ends: RegExp): Promise<void> {
  for (let presses = 0; presses < 600; presses++) {
    let before = await look(page)
    if (ends.test(before.next)) return
    if (before.isHeld) {
      await page
        .locator(`${MAIN}:not([disabled])`)
        .first()
        .waitFor({ timeout: 2000 })
        .catch(() => undefined)
      before = await look(page)
    }
    const isSame = async () => (await look(page)).all === before.all
    await strike(page, 'Space')
    if (before.next.startsWith('Move the harness')) {
      await page.getByRole('button', { name: 'Stop, write it down' }).waitFor({ timeout: 60_000 })
      await strike(page, 'Space')
    }
    if (!(await isSame())) continue
    await quiet(page)
    if (!(await isSame()) || (await burst(page))) continue
    // nothing is passed by rhythm: what stands there must have stood for a while
    await page.waitForTimeout(900)
    if (await isSame()) expect(`the pedal goes on from “${before.next}”`).toBe('it does not')
  }
  expect('the pedal comes to an end').toBe('it does not')
}

/** The demo's jobs as they are, the longer ones from where their last stations begin (all of each: `npm run bench presses`). */
const jobs: readonly (readonly [job: string, until: Parameters<typeof copyUntil>[2] | undefined, ends: RegExp])[] = [
  ['beacon-lead', undefined, /^Sign/],
  ['sonde-pigtail', undefined, /^Make/],
  // a hidden fault shows while it is moved: where it is, an eye finds
  ['winch-feed', undefined, /^Put W\d right/],
  // the last moves of its re-pin; how nets are proved the other jobs show
  ['spare-pump', (_state, step) => step.kind === 'seat' && step.left <= 8, /^Probe/],
  // no tool for what goes onto studs and into splices: somebody borrows it
  ['logger-box', (_state, step) => step.kind === 'seat' && step.task.end === 'T', /^Unblock/],
  // its last setups, until nothing is left to crimp
  [
    'deck-loom',
    (state, step) => step.kind === 'mount' && madeOf(state) >= 44,
    /^(?!Strip|Change|Make|Release|Crimp|Pull)/,
  ],
]
const madeOf = ({ terms }: JobState) => [...terms.values()].filter(({ crimp }) => crimp).length

// a harness of some hundred presses, one after the other
test.setTimeout(300_000)
for (const [job, until, ends] of jobs)
  test(`${job}: the pedal alone, to the signature or to what a person decides`, async ({ bench: page, request }) => {
    const id = until ? await copyUntil(request, job, until) : job
    await page.goto(`/jobs/${id}/kit`)
    await alive(page)
    await strike(page, 'Enter')
    await quiet(page)
    await byPedal(page, ends)
    await expect(nextStep(page)).toHaveText(ends)
  })
