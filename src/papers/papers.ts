import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { boardSheet, boardSvg, boardTilesSheet } from './boardSheet'
import { buildSheet } from './buildSheet'
import { kitSheet } from './kitSheet'
import { labelSheet } from './labelSheet'
import { pinoutSheet } from './pinoutSheet'
import { testRecord } from './testRecord'
import { moveSheet } from './moveSheet'
import type { PaperInput } from './paper'

/** Every paper that can be made of a job. */
export const papers = {
  'build-sheet': buildSheet,
  'kit-list': kitSheet,
  labels: labelSheet,
  'test-record': testRecord,
  pinout: pinoutSheet,
  board: boardSheet,
  'board-tiles': boardTilesSheet,
  'move-plan': moveSheet,
} as const satisfies Record<string, (input: PaperInput) => TDocumentDefinitions>

/** Every drawing that is made of a job as SVG; undefined where there is nothing to draw. */
export const drawings = {
  'board-svg': ({ state }: PaperInput) => boardSvg(state),
} as const satisfies Record<string, (input: PaperInput) => string | undefined>

export type PaperId = keyof typeof papers
export type DrawingId = keyof typeof drawings
export const isDrawing = (id: PaperId | DrawingId): id is DrawingId => Object.hasOwn(drawings, id)

/** What the thread that makes papers is given. */
export interface PaperOrder {
  readonly paper: PaperId | DrawingId
  readonly input: PaperInput
}
