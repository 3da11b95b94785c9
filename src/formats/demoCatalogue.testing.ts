import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { buildCatalogue, type Catalogue } from '@/core/catalogue/catalogue'
import type { CatalogueInput } from '@/core/catalogue/types'
import { joinCatalogues, readCatalogueFile } from './catalogueFile'

/** The demo shelf as one package, for tests and benchmarks. */
export function demoCatalogueInput(): CatalogueInput {
  const folder = join(process.cwd(), 'demo', 'catalogue')
  return joinCatalogues(
    readdirSync(folder).map((file) => {
      const read = readCatalogueFile(readFileSync(join(folder, file), 'utf8'))
      if (!read.ok) throw new Error(`${file}: ${JSON.stringify(read.fault)}`)
      return read.value
    }),
  )
}

export function demoCatalogue(): Catalogue {
  const built = buildCatalogue(demoCatalogueInput())
  if (!built.ok) throw new Error(JSON.stringify(built.fault))
  return built.value
}
