import { spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { CHROMIUM_PACKAGE, chromiumPath, isQuick } from './chromium.mjs'
import { ensureInstalled } from './ensure-installed.mjs'
import { runLimited } from './run-limited.mjs'

/** Everything that must hold before a change lands: one command, one closing line for all runners together. */

const count = { passed: 0, failed: 0 }
const began = Date.now()

/** A check that is one thing: it passed or it failed. */
async function check(...args) {
  const good = await runLimited(...args)
  if (good) count.passed++
  else count.failed++
}

/** Checks that take one core each, two at a time. */
async function inTwos(checks) {
  const waiting = [...checks]
  const lane = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) await check(...next, { beside: true })
  }
  await Promise.all([lane(), lane()])
}

/** Runs Vitest on what the arguments name. @param beside another runs at the same time */
async function testUnits(name, about, { only = [], env = {}, beside = false } = {}) {
  const file = `test-results/${name}.json`
  const args = ['vitest', 'run', ...only, '--reporter=default', '--reporter=json', `--outputFile.json=${file}`]
  tally(await runLimited(about, 'npx', args, { env, limitMin: 25, beside }), file, vitestCount)
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

/** Debian's packages, in one go; nothing where none is missing or nobody may. */
async function installDebian(packages) {
  if (packages.length === 0 || process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) return
  // one that there is not keeps no other from coming
  const each = packages.map((one) => `apt-get install -y -qq ${one} || missing=1`)
  const command = ['apt-get update -qq', ...each, 'exit ${missing:-0}'].join('; ')
  const env = { DEBIAN_FRONTEND: 'noninteractive' }
  await runLimited(`install ${packages.join(' ')}`, 'sh', ['-c', command], { env, beside: true })
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
  await debian
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
    if (started) await work(`postgres://postgres@127.0.0.1:${port}/postgres`)
    else count.failed++
  } finally {
    quiet(join(bin, 'pg_ctl'), ['-D', data, '-m', 'immediate', 'stop'])
    rmSync(folder, { recursive: true, force: true })
  }
}

// a fresh machine's packages come from two places: the one is waited for while the other is
const debian = installDebian([...(postgresBin() ? [] : ['postgresql']), ...(isQuick() ? [] : [CHROMIUM_PACKAGE])])
ensureInstalled()
rmSync('test-results', { recursive: true, force: true })

// the typed rules read the types of the routes
await runLimited('types of the routes', 'npx', ['next', 'typegen'])
const npm = (name, script) => [name, 'npm', ['run', '--silent', script]]
await inTwos([
  npm('lint', 'lint'),
  npm('types', 'types'),
  npm('format', 'format:check'),
  npm('arrows', 'arrows'),
  npm('unused code', 'unused'),
])

await testUnits('unit', 'unit and repository tests on PGlite')
const onPostgres = withPostgres((url) =>
  testUnits('postgres', 'repository tests on PostgreSQL', {
    only: ['src/data/repositories', 'src/api'],
    env: { URN_TEST_PG: url },
    beside: true,
  }),
)

const untouched = join(mkdtempSync(join(tmpdir(), 'urn-build-')), 'data')
// types are a check of their own
// the database's answers leave a core to the build
await Promise.all([
  onPostgres,
  check('build', 'node', ['scripts/build.mjs'], {
    env: { URN_BENCH_DATA: untouched, URN_TYPES_CHECKED: '1' },
    beside: true,
  }),
])
await check('the build leaves the data alone', 'test', ['!', '-e', untouched])
rmSync(dirname(untouched), { recursive: true, force: true })

await debian
const browser = 'test-results/browser.json'
const env = { CHROMIUM: chromiumPath() }
const [shown] = await Promise.all([
  runLimited('browser tests', 'npx', ['playwright', 'test'], { env, limitMin: 40 }),
  // over before the first benches stand
  check('first load', 'node', ['scripts/first-load.mjs'], { beside: true }),
])
tally(shown, browser, browserCount)

console.log(`\nAll of it in ${((Date.now() - began) / 60000).toFixed(1)} min`)
console.log(`${count.passed} passed, ${count.failed} failed`)
process.exit(count.failed === 0 && count.passed > 0 ? 0 : 1)
