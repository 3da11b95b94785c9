import { closeSync, openSync, readFileSync, unlinkSync, writeSync } from 'node:fs'
import { hostname } from 'node:os'
import { join } from 'node:path'
import { fail, ok, type Result } from '@/core/base/result'

/** Who holds a data folder. PGlite does not lock its folder: two writers would spoil it. */
export interface LockHolder {
  readonly pid: number
  readonly host: string
  /** the process's start, so that a reused pid is not taken for the holder */
  readonly started: string
}

/** Start time of a process in clock ticks since boot, from the kernel; undefined when there is no such process. */
function startOf(pid: number): string | undefined {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    // the command in brackets may hold spaces: fields are counted after it
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19]
  } catch {
    return isAlive(pid) ? 'unknown' : undefined
  }
}

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
}

const isHeld = (holder: LockHolder, self: LockHolder): boolean => {
  // another host's processes cannot be seen from here: its lock counts until it is removed by hand
  if (holder.host !== self.host) return true
  const started = startOf(holder.pid)
  return started !== undefined && (started === holder.started || started === 'unknown' || holder.started === 'unknown')
}

/**
 * Takes the folder for this process, by a file that is made exclusively. A lock whose process is gone is taken over.
 * @returns how to let go, or who holds the folder
 */
export function lockFolder(folder: string): Result<() => void, LockHolder> {
  const file = join(folder, 'urn-bench.lock')
  const self: LockHolder = { pid: process.pid, host: hostname(), started: startOf(process.pid) ?? 'unknown' }
  for (let attempt = 0; ; attempt++) {
    try {
      const handle = openSync(file, 'wx')
      writeSync(handle, JSON.stringify(self))
      closeSync(handle)
      return ok(() => release(file, self))
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error
    }
    const holder = readHolder(file)
    if (holder && isHeld(holder, self)) return fail(holder)
    if (attempt >= 3) return fail(holder ?? { pid: 0, host: 'unknown', started: 'unknown' })
    removeStale(file, holder)
  }
}

function readHolder(file: string): LockHolder | undefined {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as LockHolder
  } catch {
    return undefined
  }
}

/** Removes the stale file only while it is still the one that was judged. */
function removeStale(file: string, judged: LockHolder | undefined): void {
  const now = readHolder(file)
  if (JSON.stringify(now) !== JSON.stringify(judged)) return
  try {
    unlinkSync(file)
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error
  }
}

function release(file: string, self: LockHolder): void {
  const holder = readHolder(file)
  if (holder?.pid === self.pid && holder.host === self.host) {
    try {
      unlinkSync(file)
    } catch {
      // already gone: nothing is held
    }
  }
}
