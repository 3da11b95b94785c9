import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'

const writer = fileURLToPath(new URL('./appendForever.testing.ts', import.meta.url))

export interface KillRound {
  /** entries that the writer found when it opened the folder, and whether their chain was whole */
  readonly found: number
  readonly chain: string
  /** the last entry that it acknowledged before it was killed */
  readonly acked: number
}

/** One round: start a writer on the folder, let it acknowledge some entries, kill it without warning. */
export function killRound(folder: string, entries: number, afterMs: number): Promise<KillRound> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, ['--import', 'tsx', writer, folder], { stdio: ['ignore', 'pipe', 'pipe'] })
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
