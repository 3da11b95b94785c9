import { statfs } from 'node:fs/promises'

/** The disk has no room for what is to be written. Nothing was. */
export class DiskFull extends Error {
  readonly code = 'ENOSPC'
}

/** So much stays free: the embedded database stops for good when it finds no room in the middle of a write. */
const SPARE_MB = 48

/** How much may be written: asks the disk, a moment ago at most. */
export type Room = () => Promise<boolean>

/** For how long an answer of the disk is believed, ms. */
const BELIEVED_MS = 250

/**
 * Is there room for more in a folder? `URN_BENCH_SPARE_MB` says how much must stay free.
 * @param now a clock in ms
 */
export function diskRoom(folder: string, now: () => number = Date.now): Room {
  const spareMb = Number(process.env.URN_BENCH_SPARE_MB ?? SPARE_MB)
  let asked = -Infinity
  let enough = true
  return async () => {
    if (now() - asked < BELIEVED_MS) return enough
    const { bavail, bsize } = await statfs(folder)
    asked = now()
    enough = (bavail * bsize) / 2 ** 20 >= spareMb
    return enough
  }
}

/** Did something break because the disk is full? */
export function isDiskFull(error: unknown): boolean {
  for (let at: unknown = error, deep = 0; at instanceof Error && deep < 5; at = at.cause, deep++) {
    const { code } = at as { code?: string }
    if (code === 'ENOSPC' || code === 'EDQUOT' || code === '53100') return true
  }
  return false
}
