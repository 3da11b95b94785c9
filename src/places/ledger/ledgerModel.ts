import type { LedgerWindow, Made, ScrapCause, ToolWork, Yield } from '@/core/views/ledger/ledgerTypes'
import type { RecordLine } from '@/data/repositories/ledgerBook'
import type { SeriesChart } from '@/core/views/ledger/seriesChart'

export interface SeriesLine {
  readonly id: string
  readonly setup: string
  readonly made: Made
  readonly tool: string
  readonly contactNames: string
  readonly heights: number
  readonly pulls: number
  readonly signals: number
  readonly yield: Yield
}

export interface SeriesView {
  readonly id: string
  readonly height?: LedgerWindow
  readonly minimumN?: number
  readonly heights: SeriesChart | undefined
  readonly pulls: SeriesChart | undefined
  readonly lowPulls: number
}

export interface LedgerModel {
  readonly list: readonly SeriesLine[]
  readonly view: SeriesView | undefined
  readonly total: Yield
  readonly scrap: readonly ScrapCause[]
  readonly tools: readonly (ToolWork & {
    readonly name: string
    readonly verification: { readonly doneOn: string; readonly dueOn: string; readonly by: string } | undefined
  })[]
  /** every job's record, the newest first */
  readonly records: readonly RecordLine[]
  /** are copies of records counted too? */
  readonly copies: boolean
  /** of jobs, by id */
  readonly titles: Readonly<Record<string, string>>
}

export const ledgerTabs = ['charts', 'yield', 'scrap', 'tools', 'records'] as const
export type LedgerTab = (typeof ledgerTabs)[number]
