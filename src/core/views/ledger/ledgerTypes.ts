/** One line of a journal that the Ledger counts: what was made, measured, pulled or thrown away. */
export interface LedgerLine {
  readonly seq: number
  readonly at: string
  readonly kind: 'crimped' | 'crimp-rejected' | 'first-piece' | 'pull-sampled' | 'tool-verified' | 'noted'
  /** of a note: the entry that it gives the cause of, and what it says */
  readonly causeOf?: number | undefined
  readonly text?: string | undefined
  readonly term?: string | undefined
  readonly setup?: string | undefined
  readonly tool?: string | undefined
  readonly wire?: string | undefined
  readonly side?: 'a' | 'b' | undefined
  readonly heightMm?: number | undefined
  readonly pullN?: number | undefined
  readonly defect?: string | undefined
  /** both sides of the gauge were right */
  readonly passed?: boolean | undefined
}

/** A job as the Ledger needs it: its lines that stand, and what its sets ask. */
export interface LedgerJob {
  readonly id: string
  readonly title: string
  readonly lines: readonly LedgerLine[]
  /** the set of one side of a wire */
  readonly setOf: (wire: string, side: 'a' | 'b') => LedgerSet | undefined
}

export interface LedgerSet {
  readonly setup: string
  readonly tool: string
  readonly contact: string
  readonly height?: LedgerWindow | undefined
  readonly minimumN?: number | undefined
}

/** A height window, and whether it is only estimated. */
export interface LedgerWindow {
  readonly minMm: number
  readonly maxMm: number
  readonly estimate?: boolean
}

/** What was made: production, test pieces and scrap say different things of a process, so each is a series of its own. */
export type Made = 'production' | 'first-piece' | 'scrapped'

/** A figure on a chart, and the entry that it stands in. */
export interface LedgerPoint {
  readonly job: string
  readonly seq: number
  readonly at: string
  readonly value: number
  readonly what: 'crimp' | 'scrapped' | 'first-piece' | 'sample'
  readonly term?: string | undefined
  /** why it stands out, as somebody wrote down */
  readonly cause?: string | undefined
}

/** All figures of one setup that are held to the same limits, in the order in which they were made: a die does not know which half it closes. */
export interface LedgerSeries {
  readonly id: string
  readonly setup: string
  readonly tool: string
  readonly contacts: readonly string[]
  readonly made: Made
  readonly heights: readonly LedgerPoint[]
  readonly pulls: readonly LedgerPoint[]
  readonly height?: LedgerWindow | undefined
  readonly minimumN?: number | undefined
}

export interface ScrapCause {
  readonly defect: string
  readonly count: number
  /** share of all, this one and those before it, 0 to 1 */
  readonly cumulative: number
}

export interface ToolWork {
  readonly tool: string
  /** contacts closed since the tool was last verified, test pieces and scrap included */
  readonly since: number
  readonly all: number
  /** gauged at the bench, newer than the crib's own date */
  readonly gaugedAt?: string | undefined
}

export interface Yield {
  /** terminations that were crimped or thrown away at least once */
  readonly tried: number
  /** accepted at the first try and never rejected */
  readonly first: number
  readonly scrapped: number
}

export interface Ledger {
  readonly series: readonly LedgerSeries[]
  readonly yields: ReadonlyMap<string, Yield>
  readonly total: Yield
  readonly scrap: readonly ScrapCause[]
  readonly tools: readonly ToolWork[]
}
