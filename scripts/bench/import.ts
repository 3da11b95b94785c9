import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { openFiles } from '../../src/data/database'
import { importCatalogue, readCatalogueInput } from '../../src/data/repositories/catalogue'
import { writeYaml } from '../../src/formats/yaml'
import { checkPackage } from '../../src/threads/checkPackage'
import { largePackage } from './largeCatalogue'
import { line } from './measure'

/** A catalogue of 10,000 parts taken in: as YAML, as JSON, onto an empty shelf and once more onto itself. */
const big = largePackage(9100)
const parts = big.families.reduce((sum, family) => sum + family.contacts.length + family.seals.length, 0)
for (const [form, text] of [
  ['YAML', writeYaml(big)],
  ['JSON', JSON.stringify(big)],
] as const) {
  const files = mkdtempSync(join(tmpdir(), 'urn-import-'))
  const { db, close } = await openFiles(files)
  console.log(`${parts} parts, ${(text.length / 1e6).toFixed(1)} MB of ${form}`)
  for (const shelf of ['an empty shelf', 'a shelf that has them']) {
    const began = performance.now()
    let stage = began
    let before: string | undefined
    const say = (next?: string) => {
      const now = performance.now()
      if (before !== undefined) line(`  ${before}`, now - stage)
      before = next
      stage = now
    }
    say('read the shelf')
    const stored = await readCatalogueInput(db)
    const checked = checkPackage(new TextEncoder().encode(text), stored, say)
    if (!checked.ok) throw new Error(checked.faults[0])
    say('write')
    const written = await importCatalogue(db, checked.input, new Date('2026-11-25T08:00:00Z'))
    if (!written.ok) throw new Error(JSON.stringify(written.fault[0]))
    say()
    line(`taken in onto ${shelf}`, performance.now() - began)
  }
  await close()
  rmSync(files, { recursive: true })
}
