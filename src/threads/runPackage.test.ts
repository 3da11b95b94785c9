import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, expect, test } from 'vitest'
import { emptyPackage } from '@/core/parts/catalogue/packageLists'
import type { PackageStage } from './checkPackage'
import { runPackage } from './runPackage'

const folder = mkdtempSync(join(tmpdir(), 'urn-package-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

/** A thread that posts these messages, whatever it was given. */
function posts(...messages: object[]): void {
  const file = join(folder, `${Math.random().toString(36).slice(2)}.mjs`)
  writeFileSync(
    file,
    `import { parentPort } from 'node:worker_threads'\nfor (const one of ${JSON.stringify(messages)}) parentPort.postMessage(one)`,
  )
  process.env.URN_BENCH_THREAD_PACKAGE = file
}
const families = (...ids: string[]) => ({ progress: { families: ids.map((id) => ({ id })) } })

test('the families of a checked package come by and by and are put together in their order', async () => {
  posts({ progress: 'read' }, { progress: 'compare' }, families('bisque', 'shard'), families('raku'), {
    answer: { ok: true, input: { ...emptyPackage, families: [] }, changes: [] },
  })
  const stages: PackageStage[] = []
  const checked = await runPackage(new Uint8Array(), emptyPackage, { onStage: (stage) => stages.push(stage) })
  expect(stages).toEqual(['read', 'compare'])
  expect(checked.ok && checked.input.families.map(({ id }) => id)).toEqual(['bisque', 'shard', 'raku'])
})

test('what is wrong with a package is told as it is', async () => {
  const refusal = { ok: false, faults: ['families.0.id: missing'] }
  posts({ progress: 'read' }, { answer: refusal })
  expect(await runPackage(new Uint8Array(), emptyPackage)).toEqual(refusal)
})
