import { expect, test as base, type APIRequestContext, type Page, type Request } from '@playwright/test'
import type { HouseRules } from '../src/core/parts/rules/houseRules'
import { newJobUnder, sevenLeads } from '../src/core/views/sevenLeads.testing'
import type { Station } from '../src/core/views/progress'
import { type WorkOptions, workThrough } from '../src/core/views/workThrough.testing'
import type { Entry, KeptEntry } from '../src/core/record/journal/entry'
import { foldEntry } from '../src/core/record/journal/fold'
import { newFold } from '../src/core/record/journal/folded'
import { Benches } from './benches'
import { WarmContexts } from './warmContexts'
import { jobDocument } from './jobDocument'

/**
 * A bench for each file of tests, its own or the one that files share; a page at it whose operator is picked, that fails on any
 * error in the browser's console.
 */
export const test = base.extend<
  { readonly bench: Page; readonly cautionsRead: boolean; readonly ownContext: boolean },
  { readonly benches: Benches; readonly warm: WarmContexts }
>({
  benches: [
    // the runner wants its fixtures destructured, and this one needs none
    async ({}, provide) => {
      const benches = new Benches()
      await provide(benches)
      await benches.stop()
    },
    { scope: 'worker' },
  ],
  warm: [
    async ({}, provide) => {
      const warm = new WarmContexts()
      await provide(warm)
      await warm.close()
    },
    { scope: 'worker' },
  ],
  // for a test that leaves something in its browser which nothing takes out again: a clock, a script of every page
  ownContext: [false, { option: true }],
  // a browser in another zone is another browser
  context: async ({ baseURL, viewport, timezoneId, ownContext, warm }, provide, info) => {
    const shared = await warm.of({ baseURL: baseURL ?? '', viewport })
    if (!ownContext && timezoneId === undefined) {
      await provide(shared)
      // what a test that failed has left is looked at, and its worker ends
      if (info.status === info.expectedStatus) await warm.forget(baseURL ?? '', { viewport })
      return
    }
    const own = await shared.browser()?.newContext({
      ...(baseURL !== undefined && { baseURL }),
      ...(timezoneId !== undefined && { timezoneId }),
      viewport,
    })
    if (!own) throw new Error('the browser has left')
    await provide(own)
    await own.close()
  },
  page: async ({ context, warm }, provide) => provide(await warm.pageIn(context)),
  baseURL: async ({ benches }, provide, info) => {
    await provide(await benches.of(info.file))
    expect(
      benches.changed(info.file),
      'what other tests at this bench see: work on a copy, or at a bench alone',
    ).toEqual([])
  },
  cautionsRead: [true, { option: true }],
  bench: async ({ page, context, baseURL, cautionsRead }, provide) => {
    if (cautionsRead) await page.addInitScript(readCautions)
    await context.addCookies([{ name: 'urn-operator', value: 'teodor', url: baseURL ?? '' }])
    const errors: string[] = []
    page.on('pageerror', (error) => errors.push(error.message))
    page.on('console', (message) => {
      // a refused entry is an answer: the browser logs its status all the same
      if (message.type() === 'error' && !/status of 4(00|04|09|22)/.test(message.text())) errors.push(message.text())
    })
    asked.set(page, new Asked(page))
    await provide(page)
    expect(errors).toEqual([])
  },
})

export { expect }

/** Everybody has read today's cautions: one test of its own answers them. */
function readCautions(): void {
  // a page that could not be fetched has no store
  if (!location.protocol.startsWith('http')) return
  const today = new Date().toLocaleDateString('en-CA')
  for (const person of ['', 'ansa', 'teodor', 'imke'])
    for (const id of ['open-connector', 'meter-on-circuit']) localStorage.setItem(`urn-caution:${person}:${id}`, today)
}

/** What a page has asked for and not had back. */
class Asked {
  readonly #open = new Set<Request>()
  #quietFrom = performance.now()

  constructor(page: Page) {
    page.on('request', (request) => this.#open.add(request))
    const over = (request: Request) => {
      this.#open.delete(request)
      this.#quietFrom = performance.now()
    }
    page.on('requestfinished', over)
    page.on('requestfailed', over)
  }

  /** For how long nothing has been under way. */
  quietMs = () => (this.#open.size > 0 ? 0 : performance.now() - this.#quietFrom)

  /** Entries that were sent and not answered. */
  entries = () =>
    [...this.#open].filter((request) => request.method() === 'POST' && request.url().endsWith('/journal')).length
}
const asked = new WeakMap<Page, Asked>()
const quietMs = (page: Page) => asked.get(page)?.quietMs() ?? Infinity
const entriesUnderWay = (page: Page) => asked.get(page)?.entries() ?? 0

/** How long a page may take on a busy machine, ms. */
export const BUSY_MS = 30_000

/** Until a key has been told from a scanner's, has acted, and what it changed is drawn; or another page has come. */
async function settled(page: Page): Promise<void> {
  // else one that draws nothing any more would be waited for until its test is out of time
  await inTime('the page is drawn', drawn(page))
}

const drawn = (page: Page): Promise<void> =>
  page
    .evaluate(
      () =>
        new Promise<void>((done) =>
          setTimeout(() => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done))), 45),
        ),
    )
    .catch(() => page.waitForLoadState())

const tooLate = (what: string) => new Error(`${what}: not within ${BUSY_MS} ms`)

/** What comes of a promise. @throws when it takes too long */
async function inTime(what: string, coming: Promise<void>): Promise<void> {
  let timer: NodeJS.Timeout | undefined
  const late = new Promise<never>((_, reject) => (timer = setTimeout(() => reject(tooLate(what)), BUSY_MS)))
  return Promise.race([coming, late]).finally(() => clearTimeout(timer))
}

/** Between two looks at what is waited for, ms. */
const LOOK_MS = 20

/** Until something holds. An expectation that is polled costs a step of the report for each look, with where it was asked. */
async function until(what: string, holds: () => boolean): Promise<void> {
  for (const from = performance.now(); !holds(); await new Promise((resolve) => setTimeout(resolve, LOOK_MS)))
    if (performance.now() - from > BUSY_MS) throw tooLate(what)
}

/** Between the two keys of a sequence, ms: slower than a scanner, faster than a sequence runs out. */
const SEQUENCE_PAUSE_MS = 90

/** Keys as a hand strikes them: never as fast as a scanner, and not before the eye has seen what the last one wrote. */
export async function strike(page: Page, ...keys: string[]): Promise<void> {
  for (const [i, key] of keys.entries()) {
    await page.keyboard.press(key)
    // the second key of a sequence comes as fast from a hand at a slow bench as at a fast one
    if (key === 'g' && i + 1 < keys.length) {
      await page.waitForTimeout(SEQUENCE_PAUSE_MS)
      continue
    }
    await settled(page)
    if (entriesUnderWay(page) === 0) continue
    await until('what was written is answered', () => entriesUnderWay(page) === 0)
    await settled(page)
  }
}

/** What an instrument or a scanner types: a burst that ends with Enter, as fast at a slow bench as at a fast one. */
export const burst = (page: Page, text: string): Promise<void> =>
  page.evaluate(
    (keys) => {
      for (const key of keys) document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
    },
    [...text.split(''), 'Enter'],
  )

/** How long nothing may be asked for, ms, until a page counts as there. */
const QUIET_MS = 90

/** Until what was just done has asked for what it needs, and all of that has come and is drawn. */
export async function quiet(page: Page): Promise<void> {
  await settled(page)
  await nothingComes(page)
}

/** Until nothing has been asked for a while, and what came is drawn. */
async function nothingComes(page: Page): Promise<void> {
  await until('nothing is asked for any more', () => quietMs(page) > QUIET_MS)
  await settled(page)
}

export const nextStep = (page: Page) => page.getByTestId('next-step')

/** What came of the last write: a notice stands for a moment beside the one that takes its place. */
export const notice = (page: Page) => page.getByTestId('notice').last()

export const leadCsv = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,signal,current
W1,TW-0.75,RD,P1,1,CM-3P,P2,1,SW-2P,620 mm,beacon supply,0.8 A
W2,TW-0.75,BK,P1,2,CM-3P,P2,2,SW-2P,620 mm,beacon return,0.8 A
`

/** Makes a job through the open interface. */
export async function makeJob(request: APIRequestContext, title: string, csv = leadCsv): Promise<string> {
  const response = await request.post(`/api/v1/jobs?title=${encodeURIComponent(title)}`, {
    data: csv,
    headers: { 'content-type': 'text/csv' },
  })
  expect(response.status()).toBe(201)
  return ((await response.json()) as { id: string }).id
}

/** A copy of one of the demo's jobs, with its whole record, for a test to work on. */
export async function copyJob(request: APIRequestContext, demo: string): Promise<string> {
  const document = (await (await request.get(`/api/v1/jobs/${demo}`)).json()) as object
  const made = await request.post('/api/v1/jobs?copy=1', { data: document })
  expect(made.status()).toBe(201)
  return ((await made.json()) as { id: string }).id
}

/** A copy of one of the demo's jobs, worked on through the open interface until its next step is at a station. */
export const copyAt = (request: APIRequestContext, demo: string, station: Station): Promise<string> =>
  copyUntil(request, demo, (_state, step) => step.station === station)

/** The same until its state and its next step are such. */
export async function copyUntil(
  request: APIRequestContext,
  demo: string,
  until: NonNullable<WorkOptions['until']>,
): Promise<string> {
  const id = await copyJob(request, demo)
  const { entries: kept } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as {
    entries: KeptEntry[]
  }
  const folded = newFold()
  for (const entry of kept) foldEntry(folded, entry)
  let made = 0
  const { entries } = workThrough([], {
    newId: () => `worked-${String(++made).padStart(4, '0')}`,
    from: folded,
    stamp: () => ({ at: kept.at(-1)?.at ?? '', by: 'teodor' }),
    until,
  })
  const sent = entries.map(({ seq: _seq, at: _at, ...entry }) => entry)
  expect(
    (await request.post(`/api/v1/jobs/${id}/journal`, { data: { seen: kept.length, entries: sent } })).status(),
  ).toBe(201)
  return id
}

/** Seven leads, stripped and their setup released, as a job of the bench; `prepare` goes on with them before. */
export async function sevenAtBench(
  request: APIRequestContext,
  prepare?: (leads: ReturnType<typeof sevenLeads>) => void,
  rules?: Parameters<typeof sevenLeads>[0],
): Promise<string> {
  const leads = sevenLeads(rules)
  prepare?.(leads)
  return takeIn(request, 'Seven leads', leads.entries)
}

/** A new job of a pinout, its sets chosen, under house rules that are the strict ones but for what a test needs. */
export function jobUnder(
  request: APIRequestContext,
  title: string,
  csv: string,
  rules: Partial<HouseRules>,
): Promise<string> {
  return takeIn(request, title, newJobUnder(title, csv, rules))
}

async function takeIn(request: APIRequestContext, title: string, entries: readonly Entry[]): Promise<string> {
  const made = await request.post('/api/v1/jobs?copy=1', { data: jobDocument(title, entries) })
  expect(made.status()).toBe(201)
  return ((await made.json()) as { id: string }).id
}

/** Until all of the page is React's, the parts that come to life after its frame too; asked again where another page has come. */
const hydrated = (page: Page): Promise<void> =>
  page
    .evaluate(async () => {
      const isAlive = (part: Element) => Object.keys(part).some((key) => key.startsWith('__reactFiber$'))
      const parts = () => {
        const main = document.querySelector('main')
        return main ? [main, ...main.querySelectorAll('button, input, textarea, select, a')] : []
      }
      for (let all = parts(); all.length === 0 || !all.every(isAlive); all = parts())
        await new Promise((resolve) => setTimeout(resolve, 30))
    })
    .catch(() => page.waitForLoadState().then(() => hydrated(page)))

/** Waits until the page has come to life: its parts are loaded, its keys are bound. */
export async function alive(page: Page): Promise<void> {
  await page.waitForLoadState('load')
  await inTime('the page is alive', hydrated(page))
  await nothingComes(page)
}

/** From a page that is alive to another view, as the app's own links lead there: it need not be loaded anew. */
export async function walk(page: Page, path: string): Promise<void> {
  const isThere = ({ pathname, search }: URL) => pathname + search === path
  // one that is drawn anew where it is says by nothing when that is over
  if (isThere(new URL(page.url()))) return alive(page)
  await page.evaluate((to) => (window as unknown as { next: Next }).next.router.push(to), path)
  await page.waitForURL(isThere)
  await alive(page)
  // what it is called comes behind it
  await expect(page).toHaveTitle(/./)
}

interface Next {
  readonly router: { readonly push: (path: string) => void }
}
