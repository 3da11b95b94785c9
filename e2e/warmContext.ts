import type { Browser, BrowserContext, BrowserContextOptions } from '@playwright/test'

/**
 * One browser context for all tests of a bench, so that its scripts are fetched and compiled once. Nothing that a test has put
 * into the browser is there for the next one.
 */
export class WarmContext {
  #at = ''
  #context: BrowserContext | undefined

  async of(browser: Browser, options: BrowserContextOptions & { readonly baseURL: string }): Promise<BrowserContext> {
    if (this.#context && this.#at === options.baseURL) return this.#context
    await this.close()
    this.#at = options.baseURL
    this.#context = await browser.newContext(options)
    return this.#context
  }

  /** Pages, cookies, permissions and stored data go; what was fetched stays. */
  async forget(): Promise<void> {
    const context = this.#context
    if (!context) return
    await Promise.all(context.pages().map((page) => page.close()))
    await context.clearCookies()
    await context.clearPermissions()
    const page = await context.newPage()
    const devtools = await context.newCDPSession(page)
    await devtools.send('Storage.clearDataForOrigin', {
      origin: this.#at,
      storageTypes: 'local_storage,indexeddb,cache_storage,service_workers',
    })
    await page.close()
  }

  async close(): Promise<void> {
    await this.#context?.close()
    this.#context = undefined
  }
}
