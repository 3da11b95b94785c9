import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { boardSheet, boardSvg, boardTilesSheet } from './boardSheet'
import { buildSheet } from './buildSheet'
import { kitSheet } from './kitSheet'
import { labelSheet } from './labelSheet'
import { pinoutSheet } from './pinoutSheet'
import { testRecord } from './testRecord'
import { moveSheet } from './moveSheet'
import { recordXlsx } from '@/formats/recordTable'
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

/** What is made of a job besides papers, off the request thread too; undefined where there is nothing to make. */
export const files = {
  'board-svg': ({ state }: PaperInput) => {
    const svg = boardSvg(state)
    return Promise.resolve(svg === undefined ? undefined : new TextEncoder().encode(svg))
  },
  'record-xlsx': ({ state, provenance }: PaperInput) => recordXlsx(state, provenance),
} as const satisfies Record<string, (input: PaperInput) => Promise<Uint8Array | undefined>>

export type PaperId = keyof typeof papers
export type FileId = keyof typeof files
export const isFile = (id: PaperId | FileId): id is FileId => Object.hasOwn(files, id)

/** What the thread that makes papers is given. */
export interface PaperOrder {
  readonly paper: PaperId | FileId
  readonly input: PaperInput
}
