import { buildCatalogue } from '@/core/parts/catalogue/catalogue'
import { comparePackages, type ItemChange } from '@/core/parts/catalogue/comparePackages'
import { fitToShelf, layPackage } from '@/core/parts/catalogue/layPackage'
import { placedPackage } from '@/core/parts/catalogue/placedPackage'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { parseCatalogue, type FileFault } from '@/formats/catalogueFile'
import { strictText } from '@/core/base/text/decodeText'
import { readYaml } from '@/formats/yaml'
import { catalogueFaultWords, noTextWords } from '@/words/catalogue'

/** What is done with a package, in this order; each takes its share of the time. */
export const packageStages = ['read', 'check', 'join', 'compare'] as const
export type PackageStage = (typeof packageStages)[number]

/** A package that could be taken in, with what it would do; or why it is refused, line by line. */
export type CheckedPackage =
  | { readonly ok: true; readonly input: CatalogueInput; readonly changes: readonly ItemChange[] }
  | { readonly ok: false; readonly faults: readonly string[] }

const SHOWN = 40

export const fileFaultWords = ({ path, message }: FileFault) =>
  path.length === 0 ? message : `${path.join('.')}: ${message}`

/**
 * Reads a package and lays it over the shelf in thought.
 * @param stored the shelf as it is kept
 * @param began  is told each stage as it begins
 */
export function checkPackage(
  bytes: Uint8Array,
  stored: CatalogueInput,
  began: (stage: PackageStage) => void,
): CheckedPackage {
  began('read')
  const decoded = strictText(bytes)
  if (!decoded) return { ok: false, faults: [noTextWords] }
  const document = readYaml(decoded.text)
  if (!document.ok) return { ok: false, faults: [document.fault] }
  began('check')
  const read = parseCatalogue(document.value)
  if (!read.ok) return { ok: false, faults: read.fault.slice(0, SHOWN).map(fileFaultWords) }
  began('join')
  const input = fitToShelf(stored, placedPackage(read.value))
  const built = buildCatalogue(layPackage(stored, input))
  if (!built.ok) return { ok: false, faults: built.fault.slice(0, SHOWN).map(catalogueFaultWords) }
  began('compare')
  return { ok: true, input, changes: comparePackages(stored, input) }
}
