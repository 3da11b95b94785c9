import { spawn } from 'node:child_process'
import { bundled } from './bundled.testing'

/** The writer that is killed, made ready once for many rounds. */
export const makeWriter = (): Promise<string> => bundled('src/data/appendForever.testing.ts')

export interface KillRound {
  /** entries that the writer found when it opened the folder, and whether their chain was whole */
  readonly found: number
  readonly chain: string
  /** the last entry that it acknowledged before it was killed */
  readonly acked: number
}

/**
 * One round: start a writer on the folder, let it acknowledge some entries, kill it without warning.
 * @param template what a new folder begins as; without one the first round migrates
 */
export function killRound(
  writer: string,
  folder: string,
  entries: number,
  afterMs: number,
  template?: string,
): Promise<KillRound> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [writer, folder], {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, ...(template !== undefined && { URN_BENCH_TEMPLATE: template }) },
    })
    let text = ''
    let errors = ''
    let dying = false
    child.stderr.on('data', (data: Buffer) => (errors += data.toString()))
    child.stdout.on('data', (data: Buffer) => {
      text += data.toString()
      if (!dying && (text.match(/acked/g)?.length ?? 0) >= entries) {
        dying = true
        setTimeout(() => child.kill('SIGKILL'), afterMs)
      }
    })
    child.on('exit', () => {
      const head = /found (\d+) (\w+)/.exec(text)
      // a line that was cut in the middle was not acknowledged to anybody
      const acked = [...text.matchAll(/acked (\d+)\n/g)].at(-1)
      if (!head || !acked) reject(new Error(`the writer did not write: ${errors || text}`))
      else resolve({ found: Number(head[1]), chain: head[2] ?? '', acked: Number(acked[1]) })
    })
  })
}
