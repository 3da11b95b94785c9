import { rmSync } from 'node:fs'
import { writeTemplate } from '../src/data/database'
import { templatePath } from '../src/data/database.testing'

/** Once a run: the migrated template of which every test opens a copy. */
export default async function setup(): Promise<() => void> {
  process.env.URN_TEST_RUN = String(process.pid)
  if (process.env.URN_TEST_PG === undefined) await writeTemplate(templatePath())
  return () => rmSync(templatePath(), { recursive: true, force: true })
}
