import type { Browser, BrowserContext, BrowserContextOptions, Page } from '@playwright/test'

interface Warm {
  readonly context: BrowserContext
  /** a page of the bench's address that runs nothing: through it is cleared what others have stored */
  readonly stays: Page
}

/**
 * One browser context for all tests at an address, so that its scripts are fetched and compiled once. Nothing that a test has
 * put into the browser is there for the next one.
 */
export class WarmContexts {
  readonly #at = new Map<string, Warm>()

  async of(browser: Browser, options: BrowserContextOptions & { readonly baseURL: string }): Promise<BrowserContext> {
    const known = this.#at.get(options.baseURL)
    if (known) return known.context
    const context = await browser.newContext(options)
    // every page of every later test would have it: one whose clock stands is never drawn
    const refuse = () => Promise.reject(new Error('this stays in its context: test.use({ ownContext: true })'))
    Object.assign(context.clock, { install: refuse, setFixedTime: refuse, setSystemTime: refuse })
    context.addInitScript = refuse
    const stays = await context.newPage()
    await stays.goto('/api/v1/health')
    this.#at.set(options.baseURL, { context, stays })
    return context
  }

  /** Pages, cookies, permissions and stored data go; what was fetched stays. */
  async forget(address: string): Promise<void> {
    const warm = this.#at.get(address)
    if (!warm) return
    const { context, stays } = warm
    await context.unrouteAll()
    await Promise.all(context.pages().flatMap((page) => (page === stays ? [] : [page.close()])))
    await context.clearCookies()
    await context.clearPermissions()
    const devtools = await context.newCDPSession(stays)
    await devtools.send('Storage.clearDataForOrigin', {
      origin: address,
      storageTypes: 'local_storage,indexeddb,cache_storage,service_workers',
    })
    await devtools.detach()
  }

  async close(): Promise<void> {
    await Promise.all([...this.#at.values()].map(({ context }) => context.close()))
  }
}
