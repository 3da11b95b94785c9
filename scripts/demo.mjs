import { join } from 'node:path'
import { start } from './start.mjs'

// The demo has a data folder of its own, so that it never touches yours.
await start({ URN_BENCH_DATA: process.env.URN_BENCH_DATA ?? join(process.cwd(), 'data', 'demo'), URN_BENCH_DEMO: '1' })
