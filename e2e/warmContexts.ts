import { chromium, type BrowserContext, type BrowserContextOptions, type Page } from '@playwright/test'

interface Warm {
  readonly context: BrowserContext
  /** a page of the bench's address that runs nothing: through it is cleared what others have stored */
  readonly stays: Page
}

/** Playwright makes a folder in its place, and takes it away. */
const NO_FOLDER = ''

/**
 * One browser context for all tests at an address, so that its scripts are fetched and compiled once: it has a folder, since a
 * browser keeps nothing that it has compiled for a context without one. Nothing that a test has put into the browser is there
 * for the next one.
 */
export class WarmContexts {
  readonly #at = new Map<string, Warm>()

  async of(options: BrowserContextOptions & { readonly baseURL: string }): Promise<BrowserContext> {
    const known = this.#at.get(options.baseURL)
    if (known) return known.context
    const context = await chromium.launchPersistentContext(NO_FOLDER, options)
    // every page of every later test would have it: one whose clock stands is never drawn
    const refuse = () => Promise.reject(new Error('this stays in its context: test.use({ ownContext: true })'))
    Object.assign(context.clock, { install: refuse, setFixedTime: refuse, setSystemTime: refuse })
    context.addInitScript = refuse
    const [stays = await context.newPage()] = context.pages()
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
