import { buildCatalogue } from '@/core/parts/catalogue/catalogue'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { cutPlan } from '@/core/craft/cut/cutPlan'
import type { CutRequest } from '@/core/craft/cut/cutTypes'
import { readPinout } from '@/formats/pinout/readPinout'
import { jobPieces } from './jobPieces'
import { type PinoutOrder, pinoutJob } from './pinoutJob'

/** The shelf as it stands in the database holds together: it passed on its way in. */
function catalogueOf(shelf: CatalogueInput) {
  const built = buildCatalogue(shelf)
  if (!built.ok) throw new Error(`the stored catalogue does not hold together: ${JSON.stringify(built.fault[0])}`)
  return built.value
}

/** What is worked out in a thread of its own, since it may take longer than a request may hold up others. */
export const computeTasks = {
  'cut-plan': (input: CutRequest) => cutPlan(input),
  'pinout-job': ({ order, shelf }: { readonly order: PinoutOrder; readonly shelf: CatalogueInput }) =>
    pinoutJob(order, catalogueOf(shelf)),
  'pinout-preview': ({ csv, picks, shelf }: Pick<PinoutOrder, 'csv' | 'picks'> & { readonly shelf: CatalogueInput }) =>
    readPinout(csv, catalogueOf(shelf), picks),
  'job-pieces': (text: string) => jobPieces(text),
} as const

export type ComputeTask = keyof typeof computeTasks

export interface ComputeOrder {
  readonly task: ComputeTask
  readonly input: Parameters<(typeof computeTasks)[ComputeTask]>[0]
}
