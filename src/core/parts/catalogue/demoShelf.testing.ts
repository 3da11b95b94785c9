import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { load } from 'js-yaml'
import { buildCatalogue, type Catalogue } from './catalogue'
import { joinPackages } from './joinPackages'
import { catalogueSchema } from './schema'
import type { CatalogueInput } from './types'

const folder = join(process.cwd(), 'demo', 'catalogue')

/** The demo shelf as one package, for tests and benchmarks. */
export const demoShelfInput = (): CatalogueInput =>
  joinPackages(readdirSync(folder).map((file) => catalogueSchema.parse(load(readFileSync(join(folder, file), 'utf8')))))

export function demoShelf(): Catalogue {
  const built = buildCatalogue(demoShelfInput())
  if (!built.ok) throw new Error(JSON.stringify(built.fault))
  return built.value
}
