import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

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

/** axe over the page. No page has frames: the way that needs no second page for its result is twice as fast. */
const axeOf = (page: Page) => new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode()

/** What axe finds on the page as it stands, in light and dark: one line per fault, none when it is sound. */
export async function axeFaults(page: Page): Promise<string[]> {
  const faults = async (axe: AxeBuilder) =>
    (await axe.analyze()).violations.map(
      (one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 120)).join(' | ')}`,
    )
  const light = await faults(
    axeOf(page).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']),
  )
  // the dark theme has the same elements in other colours
  await inTheme(page, 'dark')
  const dark = await faults(axeOf(page).withRules(['color-contrast']))
  await inTheme(page, 'light')
  return [...light, ...dark]
}
