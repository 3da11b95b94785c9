import { axeFaults } from './axe'
import { alive, expect, strike, test } from './bench'

const pages = [
  '/',
  '/new',
  '/shelf',
  '/shelf?family=raku',
  '/shelf?show=stock',
  '/shelf?show=identify',
  '/shelf?show=edit&family=celadon-m',
  '/rules',
  '/crib',
  '/crib?show=new',
  '/crib?show=gaps',
  '/crib?tool=QF-5',
  '/ledger',
  '/ledger?show=yield',
  '/jobs/spare-pump/seat',
  '/jobs/sonde-pigtail/seat',
  ...['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close', 'journal'].map(
    (station) => `/jobs/deck-loom/${station}`,
  ),
]

for (const path of pages) {
  test(`${path} has no fault that axe finds, in both themes`, async ({ bench: page }) => {
    await page.goto(path)
    await alive(page)
    expect(await axeFaults(page)).toEqual([])
  })
}

test('a fault report, the key sheet and the find box are as accessible as the rest', async ({ bench: page }) => {
  await page.goto('/jobs/deck-loom/crimp')
  await alive(page)
  for (const open of [['x'], ['Escape', '?'], ['Escape', 'Control+k']]) {
    await strike(page, ...open)
    await page.waitForTimeout(250)
    expect(await axeFaults(page)).toEqual([])
  }
})
