import { keyTimer, often, openApp } from './app'

/** The pinout grid with a thousand wires, as a browser meets it: real keys. */
const { base, page, close } = await openApp('grid')
const rows = Array.from(
  { length: 1000 },
  (_, i) => `W${i + 1},TW-0.75,RD,E${Math.floor(i / 3)},${(i % 3) + 1},CM-3P,,,300`,
)
const made = await fetch(`${base}/api/v1/jobs?title=Thousand`, {
  method: 'POST',
  headers: { 'content-type': 'text/csv' },
  body: `wire,type,colour,from end,from cavity,from housing,to end,to cavity,length\n${rows.join('\n')}\n`,
})
const { id } = (await made.json()) as { id: string }

await page.goto(`${base}/jobs/${id}/plan`)
await page.getByRole('grid', { name: 'Pinout' }).focus()
await page.waitForTimeout(1000)
const press = await keyTimer(page)
await press('move by one cell', often(['ArrowDown', 'ArrowRight', 'ArrowDown', 'ArrowLeft'], 8))
await press('type a letter into a cell', [
  'Control+Home',
  'ArrowRight',
  'ArrowRight',
  ...often(['g', 'n', 'w', 'h'], 5),
])
await press('take what was typed, with its fault', ['Escape', ...often(['x', 'Enter'], 10)])
await press('undo and redo', often(['Control+z', 'Control+z', 'Control+y', 'Control+y'], 5))
await press('page down', often(['PageDown'], 15))
await press('to the end and back', often(['Control+End', 'Control+Home'], 6))
await close()
