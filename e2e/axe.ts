import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

/** What axe finds on the page as it stands, in light and dark: one line per fault, none when it is sound. */
export async function axeFaults(page: Page): Promise<string[]> {
  const faults = async (axe: AxeBuilder) => (await axe.analyze()).violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 120)).join(' | ')}`)
  const light = await faults(new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']))
  // the dark theme has the same elements in other colours
  await page.emulateMedia({ colorScheme: 'dark' })
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark')
  const dark = await faults(new AxeBuilder({ page }).withRules(['color-contrast']))
  await page.emulateMedia({ colorScheme: 'light' })
  return [...light, ...dark]
}
