import { join } from 'node:path'
import { newest } from './newest.mjs'

/** The migrated, empty database from which a new data folder begins. */
export const template = join(process.cwd(), 'build', 'template')

/** Is it there, and newer than all that it is made of? */
export const templateStands = () =>
  newest(template) > Math.max(...['drizzle', 'src/data', 'package-lock.json'].map(newest))
