import { expect, type Page } from '@playwright/test'
import axe, { type RunOnly } from 'axe-core'

/** Until the page is in a theme, with no colour on its way from one to the other. */
async function inTheme(page: Page, colorScheme: 'dark' | 'light'): Promise<void> {
  await page.emulateMedia({ colorScheme })
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', colorScheme)
  await expect
    .poll(
      () =>
        page.evaluate(() =>
          document.getAnimations().some((one) => one instanceof CSSTransition && one.playState === 'running'),
        ),
      // a busy machine takes its time
      { timeout: 30_000 },
    )
    .toBe(false)
}

/** One line per fault that axe finds on the page as it stands. */
const faults = (page: Page, runOnly: string[] | RunOnly): Promise<string[]> =>
  page.evaluate(
    async (options) => {
      const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(document, options)
      return violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 120)).join(' | ')}`)
    },
    // none of these rules asks what the style sheets say: they need not be fetched
    { runOnly, resultTypes: ['violations' as const], preload: false },
  )

/** What axe finds on the page as it stands, in light and dark: one line per fault, none when it is sound. */
export async function axeFaults(page: Page): Promise<string[]> {
  // once for both themes: its source is half a megabyte
  await page.evaluate(axe.source)
  const light = await faults(page, ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
  // the dark theme has the same elements in other colours
  await inTheme(page, 'dark')
  const dark = await faults(page, { type: 'rule', values: ['color-contrast'] })
  await inTheme(page, 'light')
  return [...light, ...dark]
}
