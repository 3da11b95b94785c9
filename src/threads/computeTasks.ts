import { storedCatalogue } from '@/core/parts/catalogue/catalogue'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { packBundle } from '@/core/craft/bundle/bundle'
import { diagnose } from '@/core/craft/diagnosis/diagnose'
import type { DiagnosisInput } from '@/core/craft/diagnosis/diagnosisTypes'
import { mismate } from '@/core/craft/mismate/mismate'
import type { MismateInput } from '@/core/craft/mismate/mismateTypes'
import { testPlan, type TestPlanWanted } from '@/core/craft/probing/testPlan'
import { cutPlan } from '@/core/craft/cut/cutPlan'
import type { CutRequest } from '@/core/craft/cut/cutTypes'
import { newIdMaker } from '@/core/work/kit/firstEntries'
import { readPinout } from '@/formats/pinout/readPinout'
import { jobPieces } from './jobPieces'
import { type PinoutOrder, pinoutJobOfBytes } from './pinoutJob'

/**
 * What is worked out in a thread of its own, since it may take longer than a request may hold up others. A task may tell a part
 * of what it has found before it is done.
 */
export const computeTasks = {
  'cut-plan': (input: CutRequest) => cutPlan(input),
  bundle: (diametersMm: readonly number[]) => packBundle(diametersMm),
  diagnose: (input: DiagnosisInput) => diagnose(input),
  'test-plan': (wanted: TestPlanWanted) => testPlan(wanted),
  mismate: (input: MismateInput) => mismate(input),
  'pinout-job': ({
    csv,
    order,
    shelf,
  }: {
    readonly csv: Uint8Array
    readonly order: Omit<PinoutOrder, 'csv'>
    readonly shelf: CatalogueInput
  }) => pinoutJobOfBytes(csv, order, storedCatalogue(shelf), newIdMaker(Date.now, Math.random)),
  'pinout-preview': ({ csv, picks, shelf }: Pick<PinoutOrder, 'csv' | 'picks'> & { readonly shelf: CatalogueInput }) =>
    readPinout(csv, storedCatalogue(shelf), picks),
  'job-pieces': jobPieces,
} as const

export type ComputeTask = keyof typeof computeTasks

export interface ComputeOrder {
  readonly task: ComputeTask
  readonly input: Parameters<(typeof computeTasks)[ComputeTask]>[0]
}
