import { keyTimer, often, openApp } from './app'
import { line, median } from './measure'

/** The shelf's editor with a family of 500 contacts, as a browser meets it: its pages one after the other, and keys in its largest sheet. */
const CONTACTS = 500
const { base, page, close } = await openApp('editor')
interface Family {
  readonly id: string
  readonly contacts: readonly object[]
  readonly housings: readonly Readonly<Record<string, unknown>>[]
  readonly sizes: readonly Readonly<Record<string, unknown>>[]
}
const shelf = (await (await fetch(`${base}/api/v1/catalogue`)).json()) as { readonly families: readonly Family[] }
const model = shelf.families.find((one) => one.id === 'celadon-m')
if (!model) throw new Error('the demo has no family to grow')
const {
  parts: _parts,
  seals: _seals,
  ...family
} = model as Family & { readonly parts?: unknown; readonly seals?: unknown }
const large = {
  ...family,
  id: 'large',
  name: 'Large',
  sizes: family.sizes.map(({ plug: _plug, ...size }) => size),
  housings: family.housings
    .slice(0, 1)
    .map(({ lock: _lock, interfaceSeal: _seal, ...housing }) => ({ ...housing, id: 'LG-2' })),
  contacts: Array.from({ length: CONTACTS }, (_, i) => ({ ...family.contacts[0], id: `LG-${String(i)}` })),
}
const made = await fetch(`${base}/api/v1/catalogue`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({
    format: 'urn-bench/catalogue',
    version: 1,
    families: [large],
    wireTypes: [],
    tools: [],
    placards: [],
  }),
})
if (!made.ok) throw new Error((await made.text()).slice(0, 500))

await page.goto(`${base}/shelf?show=edit&family=large`)
await page.waitForTimeout(1500)
const steps = ['Housings', 'Sizes', 'Contacts', 'Seals', 'Locks', 'Settings', 'What kind'] as const
const open = (name: string) =>
  page.evaluate(async (words) => {
    const button = [...document.querySelectorAll('nav button, aside button, button')].find((one) =>
      one.textContent.includes(words),
    )
    if (!(button instanceof HTMLElement)) throw new Error(`no step ${words}`)
    const from = performance.now()
    button.click()
    await new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn, 0)))
    return performance.now() - from
  }, name)
const took = new Map<string, number[]>(steps.map((name) => [name, []]))
for (let round = 0; round < 5; round++)
  for (const name of steps) {
    took.get(name)?.push(await open(name))
    await page.waitForTimeout(250)
  }
for (const [name, times] of took) line(`open ${name}, to its frame, median of ${String(times.length)}`, median(times))

await open('Contacts')
await page.getByRole('gridcell').nth(1).click()
await page.waitForTimeout(500)
const press = await keyTimer(page)
await press('move by one cell', often(['ArrowDown', 'ArrowRight', 'ArrowDown', 'ArrowLeft'], 6))
await press('type into a cell, and take it', often(['x', 'Enter'], 8))
await close()
