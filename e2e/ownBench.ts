import type { Page } from '@playwright/test'
import { test } from './bench'
import type { Running } from './benchServer'

/** A bench that nobody has worked at, in a folder of its own. */
export const own = test.extend<{ readonly own: Omit<Running, 'port'> & { readonly page: Page } }>({
  own: async ({ benches, warm, viewport }, provide) => {
    const { address, child, data } = await benches.empty()
    const options = { baseURL: address, viewport }
    const context = await warm.of(options)
    // now, since the bench of the test before may have left within it
    await warm.forget(address, options)
    // what does not come soon does not come
    context.setDefaultTimeout(20_000)
    await provide({ page: await warm.pageIn(context), address, child, data })
  },
})
