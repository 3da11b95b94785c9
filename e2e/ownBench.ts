import type { ChildProcess } from 'node:child_process'
import { join } from 'node:path'
import { type Page, test } from '@playwright/test'
import { emptyFolder, startBench, stopBench } from './benchServer'

/** A bench that nobody has worked at, in a folder of its own. */
export const own = test.extend<{
  readonly own: { readonly page: Page; readonly address: string; readonly child: ChildProcess }
}>({
  own: async ({ browser }, provide) => {
    const { address, child } = await startBench(join(emptyFolder(), 'data'), { URN_BENCH_DEMO: '' })
    const context = await browser.newContext({ baseURL: address, viewport: { width: 1280, height: 800 } })
    // what does not come soon does not come
    context.setDefaultTimeout(20_000)
    await provide({ page: await context.newPage(), address, child })
    await context.close()
    await stopBench(child)
  },
})
