import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { buildSheet } from './buildSheet'
import { kitSheet } from './kitSheet'
import { labelSheet } from './labelSheet'
import { moveSheet } from './moveSheet'
import type { PaperInput } from './paper'

/** Every paper that can be made of a job. */
export const papers = {
  'build-sheet': buildSheet,
  'kit-list': kitSheet,
  labels: labelSheet,
  'move-plan': moveSheet,
} as const satisfies Record<string, (input: PaperInput) => TDocumentDefinitions>

export type PaperId = keyof typeof papers

/** What the thread that makes papers is given. */
export interface PaperOrder {
  readonly paper: PaperId
  readonly input: PaperInput
}
