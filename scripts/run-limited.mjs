import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { join, resolve } from 'node:path'

const REPORTS = resolve('test-results/stood')
const wait = (ms) => new Promise((done) => setTimeout(done, ms))

/** Programs that a process has started, and those that they have, oldest first; itself alone where the system does not tell. */
function descendants(pid) {
  if (!existsSync('/proc')) return [pid]
  const children = new Map()
  for (const one of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const parent = Number(/\) \S (\d+)/.exec(readFileSync(`/proc/${one}/stat`, 'utf8'))?.[1])
      children.set(parent, [...(children.get(parent) ?? []), Number(one)])
    } catch {
      // it has ended meanwhile
    }
  }
  const found = [pid]
  for (const one of found) found.push(...(children.get(one) ?? []))
  return found
}

const send = (pid, signal) => {
  try {
    process.kill(pid, signal)
  } catch {
    // it has ended meanwhile
  }
}

const commandOf = (pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0')

const isNode = (pid) => {
  try {
    const environment = readFileSync(`/proc/${pid}/environ`, 'utf8')
    return environment.includes('--report-on-signal') && /\bnode$/.test(commandOf(pid)[0] ?? '')
  } catch {
    return false
  }
}

/** What every node of a tree of programs was at when it was asked: its command, its stack, what it waits for. */
async function whereTheyStand(pids) {
  rmSync(REPORTS, { recursive: true, force: true })
  mkdirSync(REPORTS, { recursive: true })
  const asked = new Map(pids.filter(isNode).map((pid) => [pid, commandOf(pid).join(' ')]))
  for (const pid of asked.keys()) send(pid, 'SIGUSR2')
  await wait(5000)
  const answers = readdirSync(REPORTS).map((name) => {
    const { header, javascriptStack, libuv } = JSON.parse(readFileSync(join(REPORTS, name), 'utf8'))
    asked.delete(header.processId)
    const waits = libuv.filter((one) => one.is_active && one.is_referenced).map((one) => one.type)
    return [header.commandLine.join(' ').slice(0, 300), ...(javascriptStack?.stack ?? []), `waits for: ${waits}`].join(
      '\n  ',
    )
  })
  // one that is in a loop does not hear a signal
  return [...answers, ...[...asked.values()].map((command) => `${command.slice(0, 300)}\n  is in a loop`)].join('\n')
}

/**
 * Runs a command that ends within so many minutes. One that does not has hung: it tells where its programs stand, and is ended.
 *
 * @param beside true: it runs beside another, and what it says comes when it has ended
 * @returns did it end well?
 */
export async function runLimited(name, command, args, { env = {}, limitMin = 15, beside = false } = {}) {
  const from = Date.now()
  if (!beside) console.log(`\n== ${name}`)
  const options = `${process.env.NODE_OPTIONS ?? ''} --report-on-signal --report-directory=${REPORTS}`.trim()
  const child = spawn(command, args, {
    stdio: beside ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, FORCE_COLOR: '0', NEXT_TELEMETRY_DISABLED: '1', NODE_OPTIONS: options, ...env },
  })
  const said = []
  for (const stream of [child.stdout, child.stderr]) stream?.on('data', (text) => said.push(text))
  const ended = new Promise((done) => child.on('close', done))
  const limit = setTimeout(async () => {
    const pids = descendants(child.pid)
    console.log(`\n-- ${name}: has not ended after ${limitMin} min. Its programs:\n${await whereTheyStand(pids)}`)
    for (const pid of pids) send(pid, 'SIGKILL')
  }, limitMin * 60_000)
  const good = (await ended) === 0
  clearTimeout(limit)
  if (beside) console.log(`\n== ${name}\n${Buffer.concat(said)}`)
  console.log(`-- ${name}: ${good ? 'good' : 'FAILED'} in ${((Date.now() - from) / 1000).toFixed(0)} s`)
  return good
}
