import { rmSync } from 'node:fs'
import { basename, dirname, join } from 'node:path'
import { demoData, emptyFolder, type Running, startBench, stopBench } from './benchServer'
import { newWrites } from './newWrites'

/**
 * Files of tests that change what all jobs share (people and their PINs, the shelf, the crib, the rules), or read a list of all
 * jobs. Each has a bench of its own, so that no file sees what another one has done, in whatever order and however many at once
 * they run.
 */
const ALONE = new Set(
  ['bench', 'close', 'crib', 'frame', 'instruments', 'journey', 'kit', 'pedal', 'proofs', 'records', 'shelf'].map(
    (name) => `${name}.spec.ts`,
  ),
)

interface Shared extends Running {
  readonly demos: ReadonlySet<string>
  /** how much of its daybook has been looked at, bytes */
  seen: number
}

/**
 * The benches of one worker: servers with the demo world in data folders of their own. All files but those that must be alone
 * share one, where each test makes its own copies of jobs; a test that changes anything else there fails.
 */
export class Benches {
  #shared: Shared | undefined
  #own: (Running & { readonly file: string }) | undefined
  #empty: Running | undefined

  /** Where the bench of a file listens; the own one of the file before is stopped. */
  async of(file: string): Promise<string> {
    return ALONE.has(basename(file)) ? this.#ownOf(file) : this.#sharedOne()
  }

  async #ownOf(file: string): Promise<string> {
    if (this.#own?.file === file) return this.#own.address
    const before = this.#own?.port
    await stop(this.#own)
    this.#own = undefined
    this.#own = { file, ...(await startDemo(before)) }
    return this.#own.address
  }

  async #sharedOne(): Promise<string> {
    if (!this.#shared) {
      const running = await startDemo()
      const answer = await fetch(`${running.address}/api/v1/jobs`)
      const { jobs } = (await answer.json()) as { jobs: readonly { readonly id: string }[] }
      const demos = new Set(jobs.map(({ id }) => id))
      this.#shared = { ...running, demos, seen: newWrites(running.data, 0, demos).seen }
    }
    return this.#shared.address
  }

  /** A bench that nobody has worked at; the one before it is stopped. */
  async empty(): Promise<Running> {
    const before = this.#empty
    await stop(before)
    const data = join(emptyFolder(), 'data')
    this.#empty = { data, ...(await startBench(data, { URN_BENCH_DEMO: '' }, before?.port)) }
    return this.#empty
  }

  /** What the last test has changed that others at its bench would see; nothing at a bench of its own. */
  changed(file: string): readonly string[] {
    const shared = this.#shared
    if (!shared || ALONE.has(basename(file))) return []
    const { seen, changed } = newWrites(shared.data, shared.seen, shared.demos)
    shared.seen = seen
    return changed
  }

  async stop(): Promise<void> {
    await Promise.all([stop(this.#own), stop(this.#shared), stop(this.#empty)])
  }
}

async function startDemo(before?: number): Promise<Running> {
  const data = demoData(join(emptyFolder(), 'data'))
  return { data, ...(await startBench(data, {}, before)) }
}

async function stop(running: Running | undefined): Promise<void> {
  if (!running) return
  await stopBench(running.child)
  rmSync(dirname(running.data), { recursive: true, force: true })
}
