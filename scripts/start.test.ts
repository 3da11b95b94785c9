import { spawn, spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { bundled } from '../src/data/bundled.testing'
import { templatePath } from '../src/data/database.testing'

test.each(['0.0.0.0', '192.168.1.20', 'bench.example'])('HOST=%s is refused until there is a sign-in', (host) => {
  const { status, stderr } = spawnSync(process.execPath, ['scripts/start.mjs'], {
    env: { ...process.env, HOST: host },
    encoding: 'utf8',
  })
  expect(status).toBe(1)
  expect(stderr).toContain('no sign-in yet')
})

test('a second process on a data folder is told who holds it, and leaves the folder alone', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'urn-second-'))
  const opener = await bundled('src/data/openAtStart.ts')
  const program = `const { openAtStart } = await import(${JSON.stringify(opener)}); await openAtStart(); setInterval(() => {}, 1000)`
  const start = () =>
    spawn(process.execPath, ['--input-type=module', '-e', program], {
      env: {
        ...process.env,
        URN_BENCH_DATA: folder,
        DATABASE_URL: '',
        URN_BENCH_DEMO: '',
        URN_BENCH_TEMPLATE: templatePath(),
      },
    })
  const first = start()
  try {
    await new Promise<void>((resolve, reject) => {
      first.stdout.on('data', (data: Buffer) => data.toString().includes('opened in') && resolve())
      first.on('exit', () => reject(new Error('the first one left')))
    })
    const second = start()
    let said = ''
    second.stderr.on('data', (data: Buffer) => (said += data.toString()))
    const code = await new Promise((resolve) => second.on('exit', resolve))
    expect(code).toBe(1)
    expect(said).toContain(`is in use by process ${String(first.pid)}`)
    expect(said).toContain('URN_BENCH_DATA')
  } finally {
    first.kill('SIGKILL')
    rmSync(folder, { recursive: true, force: true })
    rmSync(opener)
  }
})
