import type { CatalogueInput } from '@/core/parts/catalogue/types'
import type { CheckedPackage, PackageStage } from './checkPackage'
import { runThread } from './runThread'

type Families = CatalogueInput['families']

/** What the thread tells while it checks: a stage that begins, and at the end the families by and by. */
export type PackageNote = PackageStage | { readonly families: Families }

/** A package large enough for a thread is not larger than this when it is read. */
const HEAP_MB = 1024
const LIMIT_MS = 120_000

/**
 * Checks a package beside the requests. Its families come one handful after the other: taken over at once, ten thousand parts
 * would hold up every other answer.
 * @param stored the shelf as it is kept
 * @throws ThreadLimit when it takes too long or too much memory
 */
export async function runPackage(
  bytes: Uint8Array,
  stored: CatalogueInput,
  watch: { readonly onStage?: (stage: PackageStage) => void; readonly signal?: AbortSignal } = {},
): Promise<CheckedPackage> {
  const families: Families = []
  const checked = await runThread<PackageNote, CheckedPackage>(
    'package',
    { bytes, stored },
    {
      heapMb: HEAP_MB,
      limitMs: LIMIT_MS,
      onProgress: (note) => (typeof note === 'string' ? watch.onStage?.(note) : void families.push(...note.families)),
      ...(watch.signal && { signal: watch.signal }),
    },
  )
  return checked.ok ? { ...checked, input: { ...checked.input, families } } : checked
}
