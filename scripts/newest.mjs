import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'

/** When a file, or anything in a folder, was last changed, ms; 0 where it is not there. */
export const newest = (path) => {
  if (!existsSync(path)) return 0
  const stat = statSync(path)
  return stat.isDirectory()
    ? Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))))
    : stat.mtimeMs
}
