import { emptyPackage, itemKinds, packageLists } from '@/core/catalogue/packageLists'
import { catalogueSchema } from '@/core/catalogue/schema'
import type { CatalogueInput } from '@/core/catalogue/types'
import { fail, ok, type Result } from '@/core/result'
import { readYaml } from './yaml'

export interface FileFault {
  readonly path: readonly (string | number)[]
  readonly message: string
}

/** Reads a catalogue package from YAML or JSON. */
export function readCatalogueFile(text: string): Result<CatalogueInput, readonly FileFault[]> {
  const document = readYaml(text)
  return document.ok ? parseCatalogue(document.value) : fail([{ path: [], message: document.fault }])
}

/** Checks a catalogue package that has been parsed already. */
export function parseCatalogue(document: unknown): Result<CatalogueInput, readonly FileFault[]> {
  const read = catalogueSchema.safeParse(document)
  return read.success
    ? ok(read.data)
    : fail(
        read.error.issues.map((issue) => ({
          path: issue.path.map((part) => (typeof part === 'number' ? part : String(part))),
          message: issue.message,
        })),
      )
}

/** Several packages as one. */
export const joinCatalogues = (packages: readonly CatalogueInput[]): CatalogueInput =>
  packages.reduce(
    (all, one) => ({
      ...all,
      ...Object.fromEntries(
        itemKinds.map((kind) => [packageLists[kind], [...all[packageLists[kind]], ...one[packageLists[kind]]]]),
      ),
    }),
    emptyPackage,
  )
