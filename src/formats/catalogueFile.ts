import { parse } from 'yaml'
import { emptyPackage, itemKinds, packageLists } from '@/core/catalogue/packageLists'
import { catalogueSchema } from '@/core/catalogue/schema'
import type { CatalogueInput } from '@/core/catalogue/types'
import { fail, ok, type Result } from '@/core/result'

export interface FileFault {
  readonly path: readonly (string | number)[]
  readonly message: string
}

/** Larger packages are no catalogue of a workshop. */
export const CATALOGUE_FILE_LIMIT = 32 * 2 ** 20

/** Reads a catalogue package from YAML or JSON (JSON is YAML too). Aliases are bounded, so that no small file becomes a large one. */
export function readCatalogueFile(text: string): Result<CatalogueInput, readonly FileFault[]> {
  let document: unknown
  try {
    document = parse(text, { maxAliasCount: 1000, merge: true })
  } catch (error) {
    return fail([{ path: [], message: error instanceof Error ? (error.message.split('\n')[0] ?? 'not YAML') : 'not YAML' }])
  }
  return parseCatalogue(document)
}

/** Checks a catalogue package that has been parsed already. */
export function parseCatalogue(document: unknown): Result<CatalogueInput, readonly FileFault[]> {
  const read = catalogueSchema.safeParse(document)
  return read.success ? ok(read.data) : fail(read.error.issues.map((issue) => ({ path: issue.path.map((part) => (typeof part === 'number' ? part : String(part))), message: issue.message })))
}

/** Several packages as one. */
export const joinCatalogues = (packages: readonly CatalogueInput[]): CatalogueInput =>
  packages.reduce((all, one) => ({ ...all, ...Object.fromEntries(itemKinds.map((kind) => [packageLists[kind], [...all[packageLists[kind]], ...one[packageLists[kind]]]])) }), emptyPackage)
