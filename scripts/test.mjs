import { spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { CHROMIUM_PACKAGE, chromiumPath, isQuick } from './chromium.mjs'
import { ensureInstalled } from './ensure-installed.mjs'

/** Everything that must hold before a change lands: one command, one closing line for all runners together. */

const count = { passed: 0, failed: 0 }
const began = Date.now()
const quiet = { ...process.env, FORCE_COLOR: '0', NEXT_TELEMETRY_DISABLED: '1' }

function step(name, command, args, env = {}) {
  const from = Date.now()
  console.log(`\n== ${name}`)
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...quiet, ...env } })
  const good = status === 0
  console.log(`-- ${name}: ${good ? 'good' : 'FAILED'} in ${((Date.now() - from) / 1000).toFixed(0)} s`)
  return good
}

/** A check that is one thing: it passed or it failed. */
const check = (...args) => {
  const good = step(...args)
  if (good) count.passed++
  else count.failed++
  return good
}

/** A check that goes on beside another; what it says is shown when it has ended. */
async function beside(name, command, args) {
  const from = Date.now()
  const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], env: quiet })
  const said = []
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => said.push(text))
  const good = (await new Promise((resolve) => child.on('close', resolve))) === 0
  console.log(
    `\n== ${name}\n${Buffer.concat(said)}-- ${name}: ${good ? 'good' : 'FAILED'} in ${((Date.now() - from) / 1000).toFixed(0)} s`,
  )
  if (good) count.passed++
  else count.failed++
  return good
}

/** Checks that take one core each, two at a time; which of them hold, by name. */
async function inTwos(checks) {
  const waiting = [...checks]
  const good = {}
  const lane = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) good[next[0]] = await beside(...next)
  }
  await Promise.all([lane(), lane()])
  return good
}

/** A runner that counts its own tests in a JSON file. A runner that left no count has failed. */
function tally(good, file, read) {
  const found = existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 1 }
  count.passed += found.passed
  count.failed += found.failed
  if (!good && found.failed === 0) count.failed++
}

const vitestCount = (json) => ({ passed: json.numPassedTests, failed: json.numFailedTests })
const browserCount = (json) => ({ passed: json.stats.expected, failed: json.stats.unexpected + json.stats.flaky })

function installDebian(packages) {
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) return false
  const env = { DEBIAN_FRONTEND: 'noninteractive' }
  return (
    step(`apt-get update`, 'apt-get', ['update', '-qq'], env) &&
    step(`install ${packages.join(' ')}`, 'apt-get', ['install', '-y', '-qq', ...packages], env)
  )
}

const postgresBin = () => {
  const root = '/usr/lib/postgresql'
  const version = existsSync(root)
    ? readdirSync(root)
        .sort((a, b) => Number(b) - Number(a))
        .find((one) => existsSync(join(root, one, 'bin', 'initdb')))
    : undefined
  return version === undefined ? undefined : join(root, version, 'bin')
}

const freePort = () =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address()
      server.close(() => resolve(port))
    })
  })

/** Runs work against a PostgreSQL cluster that lives only as long as it. */
async function withPostgres(work) {
  if (!postgresBin()) installDebian(['postgresql'])
  const bin = postgresBin()
  if (!bin) {
    console.log('-- PostgreSQL is not here and cannot be installed: its run of the repository tests is skipped')
    return
  }
  const folder = mkdtempSync(join(tmpdir(), 'urn-pg-'))
  const port = await freePort()
  // the server refuses to run as root
  const asUser = (command, args) =>
    process.getuid?.() === 0 ? ['runuser', ['-u', 'postgres', '--', command, ...args]] : [command, args]
  const quiet = (command, args) =>
    spawnSync(...asUser(command, args), { stdio: ['ignore', 'ignore', 'inherit'], cwd: '/' }).status === 0
  if (process.getuid?.() === 0) spawnSync('chown', ['postgres', folder])
  const data = join(folder, 'data')
  const started =
    quiet(join(bin, 'initdb'), ['-D', data, '-A', 'trust', '-U', 'postgres', '--no-sync']) &&
    quiet(join(bin, 'pg_ctl'), [
      '-D',
      data,
      '-w',
      '-l',
      join(folder, 'log'),
      '-o',
      `-p ${port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=${folder} -c fsync=off`,
      'start',
    ])
  try {
    if (started) work(`postgres://postgres@127.0.0.1:${port}/postgres`)
    else count.failed++
  } finally {
    quiet(join(bin, 'pg_ctl'), ['-D', data, '-m', 'immediate', 'stop'])
    rmSync(folder, { recursive: true, force: true })
  }
}

ensureInstalled()
rmSync('test-results', { recursive: true, force: true })

// the typed rules read the types of the routes
step('types of the routes', 'npx', ['next', 'typegen'])
const npm = (name, script) => [name, 'npm', ['run', '--silent', script]]
const { types: typesHold } = await inTwos([
  npm('lint', 'lint'),
  npm('types', 'types'),
  npm('format', 'format:check'),
  npm('arrows', 'arrows'),
  npm('unused code', 'unused'),
])

const unit = 'test-results/unit.json'
tally(
  step('unit and repository tests on PGlite', 'npx', [
    'vitest',
    'run',
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${unit}`,
  ]),
  unit,
  vitestCount,
)
await withPostgres((url) => {
  const file = 'test-results/postgres.json'
  tally(
    step(
      'repository tests on PostgreSQL',
      'npx',
      [
        'vitest',
        'run',
        'src/data/repositories',
        'src/api',
        '--reporter=default',
        '--reporter=json',
        `--outputFile.json=${file}`,
      ],
      { URN_TEST_PG: url },
    ),
    file,
    vitestCount,
  )
})

const untouched = join(mkdtempSync(join(tmpdir(), 'urn-build-')), 'data')
check('build', 'node', ['scripts/build.mjs'], {
  URN_BENCH_DATA: untouched,
  ...(typesHold && { URN_TYPES_CHECKED: '1' }),
})
check('the build leaves the data alone', 'test', ['!', '-e', untouched])
rmSync(dirname(untouched), { recursive: true, force: true })
check('first load', 'node', ['scripts/first-load.mjs'])

if (!isQuick()) installDebian([CHROMIUM_PACKAGE])
const browser = 'test-results/browser.json'
tally(step('browser tests', 'npx', ['playwright', 'test'], { CHROMIUM: chromiumPath() }), browser, browserCount)

console.log(`\nAll of it in ${((Date.now() - began) / 60000).toFixed(1)} min`)
console.log(`${count.passed} passed, ${count.failed} failed`)
process.exit(count.failed === 0 && count.passed > 0 ? 0 : 1)
