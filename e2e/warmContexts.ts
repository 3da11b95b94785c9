import { chromium, type BrowserContext, type BrowserContextOptions, type Disposable, type Page } from '@playwright/test'

interface Warm {
  readonly context: BrowserContext
  /** a page of the bench's address that runs nothing: through it is cleared what others have stored */
  readonly stays: Page
  /** in which one test after another works: its process has compiled what they need */
  kept?: KeptPage | undefined
}

/** What a page shows that runs nothing. */
const INERT = '/api/v1/health'

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
    await stays.goto(INERT)
    this.#at.set(options.baseURL, { context, stays })
    return context
  }

  /** A page in one of these contexts: the one that the last test worked in, as if it were new. In another context a new one. */
  async pageIn(context: BrowserContext): Promise<Page> {
    const warm = [...this.#at.values()].find((one) => one.context === context)
    if (!warm) return context.newPage()
    if (warm.kept?.page.isClosed() !== false) warm.kept = await KeptPage.in(warm.context)
    return warm.kept.page
  }

  /** Other pages, cookies, permissions, stored data and all that was set on the page go; what was fetched and compiled stays. */
  async forget(address: string, { viewport }: Pick<BrowserContextOptions, 'viewport'>): Promise<void> {
    const warm = this.#at.get(address)
    if (!warm) return
    const { context, stays, kept } = warm
    await context.unrouteAll()
    if (kept?.page.isClosed() === false) await kept.empty(viewport)
    await Promise.all(context.pages().flatMap((one) => (one === stays || one === kept?.page ? [] : [one.close()])))
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

/** A page that one test after another may have. */
class KeptPage {
  readonly #lasting: Disposable[] = []

  private constructor(readonly page: Page) {
    for (const lasts of ['addInitScript', 'exposeFunction', 'exposeBinding'] as const) {
      const method = page[lasts].bind(page) as (...of: unknown[]) => Promise<Disposable>
      Object.assign(page, {
        [lasts]: async (...of: unknown[]) => {
          const made = await method(...of)
          this.#lasting.push(made)
          return made
        },
      })
    }
  }

  static readonly in = async (context: BrowserContext): Promise<KeptPage> => new KeptPage(await context.newPage())

  /** Nothing runs in it, nothing listens to it, and it is as wide as it was. */
  async empty(viewport: BrowserContextOptions['viewport']): Promise<void> {
    const { page } = this
    await Promise.all(this.#lasting.splice(0).map((one) => one.dispose()))
    await page.unrouteAll()
    page.removeAllListeners()
    await page.goto(INERT)
    await page.evaluate(() => sessionStorage.clear())
    if (viewport) await page.setViewportSize(viewport)
    await page.emulateMedia({ media: null, colorScheme: null, forcedColors: null, reducedMotion: 'reduce' })
  }
}
