import { expect, test, vi } from 'vitest'
import { runLimited } from './run-limited.mjs'

/** What was told while it ran. */
async function told(program: string, limitMin: number) {
  const lines: string[] = []
  const log = vi.spyOn(console, 'log').mockImplementation((line: string) => void lines.push(line))
  const good = await runLimited('it', process.execPath, ['-e', program], { limitMin, beside: true })
  log.mockRestore()
  return { good, text: lines.join('\n') }
}

test('a runner that ends is good or not by its code, and its limit keeps nobody waiting', async () => {
  expect((await told('process.exit(0)', 1)).good).toBe(true)
  const bad = await told("console.log('why'); process.exit(3)", 1)
  expect(bad.good).toBe(false)
  expect(bad.text).toMatch(/== it\nwhy\n+-- it: FAILED in \d+ s/)
})

test('one that hangs is ended, and tells whether it is in a loop or waits', async () => {
  const loop = await told('for (;;);', 0.02)
  expect(loop.good).toBe(false)
  expect(loop.text).toContain('has not ended after 0.02 min')
  expect(loop.text).toContain('is in a loop')
  const waits = await told('setTimeout(() => {}, 1e9)', 0.02)
  expect(waits.good).toBe(false)
  expect(waits.text).toMatch(/waits for: .*timer/)
})
