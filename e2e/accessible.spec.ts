import { axeFaults } from './axe'
import { alive, expect, strike, test, walk } from './bench'

const views = {
  'jobs, rules and the ledger': ['/', '/new', '/rules', '/ledger', '/ledger?show=yield'],
  'the shelf': [
    '/shelf',
    '/shelf?family=raku',
    '/shelf?show=stock',
    '/shelf?show=identify',
    '/shelf?show=edit&family=celadon-m',
  ],
  'the crib': ['/crib', '/crib?show=new', '/crib?show=gaps', '/crib?tool=QF-5'],
  'the stations': ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close'].map((one) => `/jobs/deck-loom/${one}`),
  'journal, repair and re-pin': ['/jobs/deck-loom/journal', '/jobs/spare-pump/seat', '/jobs/sonde-pigtail/seat'],
}

for (const [name, paths] of Object.entries(views))
  test(`${name}: no view has a fault that axe finds, in both themes`, async ({ bench: page }) => {
    await page.goto('/')
    await alive(page)
    for (const path of paths) {
      await walk(page, path)
      // all of them are named, not only the first
      expect.soft(await axeFaults(page), path).toEqual([])
    }
  })

test('a fault report, the key sheet and the find box are as accessible as the rest', async ({ bench: page }) => {
  await page.goto('/jobs/deck-loom/crimp')
  await alive(page)
  for (const open of [['x'], ['Escape', '?'], ['Escape', 'Control+k']]) {
    await strike(page, ...open)
    await page.waitForTimeout(250)
    expect(await axeFaults(page)).toEqual([])
  }
})
