import { buildCatalogue } from '@/core/catalogue/catalogue'
import { comparePackages, type ItemChange } from '@/core/catalogue/comparePackages'
import { fitToShelf, layPackage } from '@/core/catalogue/layPackage'
import type { CatalogueInput } from '@/core/catalogue/types'
import { bench } from '@/data/bench'
import { done, refused, type Outcome } from '@/data/outcome'
import { importCatalogue, placedPackage, readCatalogueInput, type ImportOutcome } from '@/data/repositories/catalogue'
import { readCatalogueFile, type FileFault } from '@/formats/catalogueFile'
import { catalogueFaultWords } from '@/words/catalogue'

/** What taking a package in would do: every part with its change; or why it is refused, line by line. */
export type PackagePreview = { readonly ok: true; readonly changes: readonly ItemChange[] } | { readonly ok: false; readonly faults: readonly string[] }

export const fileFaultWords = ({ path, message }: FileFault) => (path.length === 0 ? message : `${path.join('.')}: ${message}`)

async function checked(text: string): Promise<{ readonly input: CatalogueInput; readonly stored: CatalogueInput } | { readonly faults: readonly string[] }> {
  const read = readCatalogueFile(text)
  if (!read.ok) return { faults: read.fault.slice(0, 40).map(fileFaultWords) }
  const { db } = await bench()
  const stored = await readCatalogueInput(db)
  const input = fitToShelf(stored, placedPackage(read.value))
  const built = buildCatalogue(layPackage(stored, input))
  return built.ok ? { input, stored } : { faults: built.fault.slice(0, 40).map(catalogueFaultWords) }
}

/** Looks at a package before anything is written. */
export async function previewPackage(text: string): Promise<PackagePreview> {
  const read = await checked(text)
  return 'faults' in read ? { ok: false, faults: read.faults } : { ok: true, changes: comparePackages(read.stored, read.input) }
}

/** Takes a package in: all of it, or none. */
export async function importPackage(text: string): Promise<Outcome<ImportOutcome>> {
  const read = await checked(text)
  return 'faults' in read ? refused(read.faults[0] ?? 'The package cannot be read.') : writePackage(read.input)
}

/** Lays a package that has been checked over the shelf. */
export async function writePackage(input: CatalogueInput): Promise<Outcome<ImportOutcome>> {
  const { db } = await bench()
  const imported = await importCatalogue(db, input, new Date())
  return imported.ok ? done(imported.value) : refused(imported.fault.slice(0, 3).map(catalogueFaultWords).join(' '))
}
