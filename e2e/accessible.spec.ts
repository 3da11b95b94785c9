import AxeBuilder from '@axe-core/playwright'
import { alive, expect, strike, test } from './bench'

const pages = ['/', '/new', '/shelf', '/shelf?family=raku', '/shelf?show=stock', '/shelf?show=identify', '/shelf?show=edit&family=celadon-m', '/rules', '/crib', '/ledger', '/ledger?show=yield', ...['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close', 'journal'].map((station) => `/jobs/deck-loom/${station}`)]

for (const colorScheme of ['light', 'dark'] as const) {
  test.describe(`${colorScheme} theme`, () => {
    test.use({ colorScheme })
    for (const path of pages) {
      test(`${path} has no fault that axe finds`, async ({ bench: page }) => {
        await page.goto(path)
        await alive(page)
        const axe = new AxeBuilder({ page })
        // the dark theme has the same elements in other colours
        const { violations } = await (colorScheme === 'dark' ? axe.withRules(['color-contrast']) : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])).analyze()
        expect(violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 120)).join(' | ')}`)).toEqual([])
      })
    }
  })
}

test('a fault report, the key sheet and the find box are as accessible as the rest', async ({ bench: page }) => {
  await page.goto('/jobs/deck-loom/crimp')
  await alive(page)
  for (const open of [['x'], ['Escape', '?'], ['Escape', 'Control+k']]) {
    await strike(page, ...open)
    await page.waitForTimeout(250)
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze()
    expect(violations.map((one) => one.id)).toEqual([])
  }
})
