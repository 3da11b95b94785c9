import { buildThreads, threadFiles } from './build.mjs'
import { ensureInstalled, run } from './ensure-installed.mjs'

ensureInstalled()
await buildThreads()
run('npx', ['next', 'dev', '-H', '127.0.0.1', '-p', process.env.PORT ?? '4100'], {
  NEXT_TELEMETRY_DISABLED: '1',
  ...threadFiles,
})
