import { templateStands } from './template.mjs'

/** Once a run: the migrated template of which every test opens a copy. */
export default async function setup(): Promise<void> {
  if (process.env.URN_TEST_PG === undefined && !templateStands()) await import('./make-template')
}
