import { catalogueSchema } from '@/core/parts/catalogue/schema'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { fail, ok, type Result } from '@/core/base/result'
import { badText } from '@/core/base/badText'
import { noPackageWords } from '@/words/catalogue'
import { badTextWords } from '@/words/badText'
import { plainIssues } from '@/words/plainIssues'
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
  if (typeof document !== 'object' || document === null || Array.isArray(document) || !('format' in document))
    return fail([{ path: [], message: noPackageWords }])
  const bad = badText(document)
  if (bad) return fail([{ path: bad.path, message: badTextWords(bad) }])
  const read = catalogueSchema.safeParse(document)
  return read.success ? ok(read.data) : fail(plainIssues(read.error))
}
