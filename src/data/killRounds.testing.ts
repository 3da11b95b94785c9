import { spawn } from 'node:child_process'
import { cpSync, existsSync, readFileSync, readdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { readYaml } from '@/formats/yaml'
import { bundled } from './bundled.testing'

/** The writer that is killed, made ready once for many rounds. */
export const makeWriter = (): Promise<string> => bundled('src/data/writeForever.testing.ts')

/** How many jobs the whole demo world has: planned ones in one list, each that was worked on in a file of its own. */
export function countDemoJobs(): number {
  const folder = join(process.cwd(), 'demo', 'jobs')
  const planned = readYaml(readFileSync(join(folder, 'jobs.yaml'), 'utf8'))
  if (!planned.ok || !Array.isArray(planned.value)) throw new Error('demo/jobs/jobs.yaml is no list')
  return planned.value.length + readdirSync(folder).filter((name) => name.endsWith('.json')).length
}

/** How many of each the folder holds, or the writer has been told that it holds. */
export interface Counts {
  readonly chain: string
  readonly entries: number
  readonly people: number
  readonly photos: number
  readonly wireTypes: number
  readonly jobs: number
}

export interface KillRound {
  readonly found: Counts
  /** the last that was acknowledged before the kill; undefined when nothing was */
  readonly acked: Counts | undefined
}

export interface KillPlan {
  /** kill after so many acknowledged writes, or in the middle of loading the demo's world */
  readonly after: number | 'loading'
  /** and so many ms later */
  readonly afterMs: number
  /** what a new folder begins as; without one the first round migrates */
  readonly template?: string | undefined
}

/** One round: start a writer on the folder, let it acknowledge some writes, kill it without warning. */
export function killRound(writer: string, folder: string, { after, afterMs, template }: KillPlan): Promise<KillRound> {
  return new Promise((resolve, reject) => {
    // it is killed before code that is compiled a second time, to run faster, could pay
    const args = ['--liftoff-only', writer, folder, ...(after === 'loading' ? ['demo'] : [])]
    const child = spawn(process.execPath, args, {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, ...(template !== undefined && { URN_BENCH_TEMPLATE: template }) },
    })
    let text = ''
    let errors = ''
    let dying = false
    child.stderr.on('data', (data: Buffer) => (errors += data.toString()))
    child.stdout.on('data', (data: Buffer) => {
      text += data.toString()
      const ready = after === 'loading' ? text.includes('loading') : (text.match(/acked/g)?.length ?? 0) >= after
      if (!dying && ready) {
        dying = true
        setTimeout(() => child.kill('SIGKILL'), afterMs)
      }
    })
    child.on('exit', () => {
      const found = /found (\{.*\})\n/.exec(text)
      // a line that was cut in the middle was not acknowledged to anybody
      const acked = [...text.matchAll(/acked (\{.*\})\n/g)].at(-1)
      if (!found?.[1] || (!acked && after !== 'loading'))
        reject(new Error(`the writer did not write: ${errors || text}`))
      else
        resolve({
          found: JSON.parse(found[1]) as Counts,
          acked: acked?.[1] === undefined ? undefined : (JSON.parse(acked[1]) as Counts),
        })
    })
  })
}

/** Takes the database back to what it was when this was last called: what a power cut may do to files that were not synced. */
export function powerCut(folder: string): void {
  const files = join(folder, 'pg')
  const older = join(folder, 'older')
  if (existsSync(older)) {
    rmSync(files, { recursive: true })
    cpSync(older, files, { recursive: true })
  } else cpSync(files, older, { recursive: true })
}

/** What was acknowledged and is not there any more, by name. */
export const lost = (found: Counts, acked: Counts | undefined): readonly string[] =>
  acked === undefined
    ? []
    : (['entries', 'people', 'photos', 'wireTypes'] as const).flatMap((name) =>
        found[name] < acked[name] ? [`${name}: ${acked[name]} acknowledged, ${found[name]} found`] : [],
      )
