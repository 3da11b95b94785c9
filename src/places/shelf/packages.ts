import { packagesWords as words } from '@/words/screens/shelf/packages'
import type { ItemChange } from '@/core/parts/catalogue/comparePackages'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { bench } from '@/data/bench'
import { done, refused, withRoom } from '@/data/outcome'
import {
  type ImportOutcome,
  importCatalogue,
  importChecked,
  readCatalogueInput,
  shelfVersion,
} from '@/data/repositories/catalogue'
import type { Database } from '@/data/database'
import type { CatalogueFault } from '@/core/parts/catalogue/faults'
import type { Result } from '@/core/base/result'
import type { CheckedPackage, PackageStage } from '@/threads/checkPackage'
import { runPackage } from '@/threads/runPackage'
import { catalogueFaultWords } from '@/words/catalogue'
import type { Outcome } from '@/core/base/outcome'

/** What taking a package in would do: every part with its change; or why it is refused, line by line. */
export type PackagePreview =
  | { readonly ok: true; readonly changes: readonly ItemChange[] }
  | { readonly ok: false; readonly faults: readonly string[] }

/** What the import's answer says, line after line: how far it is, then one of the two results. */
export type ImportLine =
  | { readonly stage: PackageStage | 'write' }
  | { readonly preview: PackagePreview }
  | { readonly written: Outcome<ImportOutcome> }

/** How a package is watched and stopped while it is checked. */
export interface Watch {
  readonly onStage: (stage: PackageStage | 'write') => void
  readonly signal: AbortSignal
}

async function checked(
  bytes: Uint8Array,
  { onStage, signal }: Watch,
): Promise<CheckedPackage & { readonly shelf: string }> {
  const { db } = await bench()
  const shelf = await shelfVersion(db)
  const stored = await readCatalogueInput(db)
  const said = await runPackage(bytes, stored, { onStage, signal })
  return { ...said, shelf }
}

/** Looks at a package before anything is written. */
export async function previewPackage(bytes: Uint8Array, watch: Watch): Promise<PackagePreview> {
  const read = await checked(bytes, watch)
  return read.ok ? { ok: true, changes: read.changes } : read
}

/** Takes a package in: all of it, or none. */
export async function importPackage(bytes: Uint8Array, watch: Watch): Promise<Outcome<ImportOutcome>> {
  const read = await checked(bytes, watch)
  if (!read.ok) return refused(read.faults[0] ?? words.packageCannotBeRead)
  watch.onStage('write')
  return written((db) => importChecked(db, read, new Date()))
}

/** Lays a package over the shelf. */
export const writePackage = (input: CatalogueInput): Promise<Outcome<ImportOutcome>> =>
  written((db) => importCatalogue(db, input, new Date()))

const written = (
  write: (db: Database) => Promise<Result<ImportOutcome, readonly CatalogueFault[]>>,
): Promise<Outcome<ImportOutcome>> =>
  withRoom(async () => {
    const { db } = await bench()
    const imported = await write(db)
    return imported.ok ? done(imported.value) : refused(imported.fault.slice(0, 3).map(catalogueFaultWords).join(' '))
  })
