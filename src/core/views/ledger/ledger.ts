import { pushTo } from '../../base/collections'
import type {
  Ledger,
  LedgerJob,
  LedgerLine,
  LedgerPoint,
  LedgerSeries,
  LedgerSet,
  Made,
  ScrapCause,
  ToolWork,
  Yield,
} from './ledgerTypes'

/**
 * What the journals of all jobs say together: heights and forces by setup, how many were right at the first
 * try, why contacts were thrown away, and how much each tool has closed since it was verified.
 * @param verifiedOn the crib's date (`YYYY-MM-DD`) of a tool's last verification
 */
export function ledger(jobs: readonly LedgerJob[], verifiedOn: (tool: string) => string | undefined): Ledger {
  const series = new Map<string, Growing>()
  const all: Outcome[] = []
  const defects = new Map<string, number>()
  const closings = new Map<string, string[]>()
  const gauged = new Map<string, string>()
  // a series is known by what its set asks; a set is asked once
  const bySet: Readonly<Record<Made, Map<LedgerSet, Growing>>> = {
    production: new Map(),
    'first-piece': new Map(),
    scrapped: new Map(),
  }
  const seriesOf = (set: LedgerSet, made: Made): Growing => {
    const known = bySet[made].get(set)
    if (known) return known
    const id = `${seriesId(set)}${made === 'production' ? '' : `|${made}`}`
    const growing = series.get(id) ?? { id, made, set, contacts: new Set(), heights: [], pulls: [] }
    series.set(id, growing)
    bySet[made].set(set, growing)
    return growing
  }
  for (const job of jobs) {
    const outcomes = new Map<string, Outcome>()
    const causes = causesIn(job.lines)
    for (const line of job.lines) {
      const { kind } = line
      if (kind === 'noted') continue
      if (kind === 'tool-verified') {
        if (line.tool !== undefined && line.passed === true && line.at > (gauged.get(line.tool) ?? ''))
          gauged.set(line.tool, line.at)
        continue
      }
      const set = setFor(job, line)
      if (!set) continue
      pushTo(closings, set.tool, line.at)
      const growing = seriesOf(set, madeOf[kind])
      // the newest set is what the limits are drawn from
      growing.set = set
      growing.contacts.add(set.contact)
      if (line.heightMm !== undefined) growing.heights.push(pointOf(job.id, line, line.heightMm, whatOf[kind], causes))
      if (line.pullN !== undefined) growing.pulls.push(pointOf(job.id, line, line.pullN, whatOf[kind], causes))
      if (line.term === undefined) continue
      let outcome = outcomes.get(line.term)
      if (!outcome)
        outcomes.set(line.term, (outcome = { series: seriesOf(set, 'production').id, rejected: 0, crimped: false }))
      if (kind === 'crimped') outcome.crimped = true
      if (kind === 'crimp-rejected') {
        outcome.rejected++
        if (line.defect !== undefined) defects.set(line.defect, (defects.get(line.defect) ?? 0) + 1)
      }
    }
    for (const outcome of outcomes.values()) all.push(outcome)
  }
  return {
    series: [...series.values()].map(finished).sort((a, b) => (a.id < b.id ? -1 : 1)),
    ...yieldsOf(all),
    scrap: pareto(defects),
    tools: toolWork(closings, gauged, verifiedOn),
  }
}

interface Growing {
  readonly id: string
  readonly made: Made
  set: LedgerSet
  readonly contacts: Set<string>
  readonly heights: LedgerPoint[]
  readonly pulls: LedgerPoint[]
}

interface Outcome {
  readonly series: string
  rejected: number
  crimped: boolean
}

const pointOf = (
  job: string,
  { seq, at, term }: LedgerLine,
  value: number,
  what: LedgerPoint['what'],
  causes: ReadonlyMap<number, string>,
): LedgerPoint => ({ job, seq, at, value, what, term, cause: causes.get(seq) })

/** Causes that notes give, by the entry that they are about; the last one stands. */
const causesIn = (lines: readonly LedgerLine[]): ReadonlyMap<number, string> =>
  new Map(
    lines.flatMap(({ causeOf, text }): [number, string][] =>
      causeOf === undefined || text === undefined ? [] : [[causeOf, text]],
    ),
  )

const seriesId = ({ setup, contact, height, minimumN }: LedgerSet): string =>
  height === undefined && minimumN === undefined
    ? `${setup}|${contact}`
    : `${setup}|${height ? `${height.minMm.toFixed(3)}-${height.maxMm.toFixed(3)}` : ''}|${String(minimumN ?? '')}`

type Counted = Exclude<LedgerLine['kind'], 'tool-verified' | 'noted'>

const whatOf = {
  crimped: 'crimp',
  'crimp-rejected': 'scrapped',
  'first-piece': 'first-piece',
  'pull-sampled': 'sample',
} as const satisfies Record<Counted, LedgerPoint['what']>

const madeOf: Readonly<Record<Counted, Made>> = {
  crimped: 'production',
  'crimp-rejected': 'scrapped',
  'first-piece': 'first-piece',
  'pull-sampled': 'production',
}

/** A crimp names its termination, a test piece its wire and side. An entry of a setup that the plan has left since counts for that setup. */
function setFor(job: LedgerJob, line: LedgerLine): LedgerSet | undefined {
  const slash = line.term?.indexOf('/') ?? -1
  const wire = line.term === undefined ? line.wire : line.term.slice(slash + 1, -2)
  const side = line.term === undefined ? line.side : line.term.slice(-1)
  if (wire === undefined || (side !== 'a' && side !== 'b')) return undefined
  const set = job.setOf(wire, side)
  if (!set || line.setup === undefined || line.setup === set.setup) return set
  return { setup: line.setup, tool: line.setup.split('~')[0] ?? line.setup, contact: set.contact }
}

const byTime = (a: LedgerPoint, b: LedgerPoint) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.seq - b.seq)

/** Journals are in order already; several jobs at once may not be. */
const inOrder = (points: LedgerPoint[]): LedgerPoint[] =>
  points.every((point, i) => i === 0 || byTime(points[i - 1] ?? point, point) <= 0) ? points : points.sort(byTime)

const finished = ({ id, made, set, contacts, heights, pulls }: Growing): LedgerSeries => ({
  id,
  made,
  setup: set.setup,
  tool: set.tool,
  contacts: [...contacts].sort(),
  heights: inOrder(heights),
  pulls: inOrder(pulls),
  ...(set.height && { height: set.height }),
  ...(set.minimumN !== undefined && { minimumN: set.minimumN }),
})

function yieldsOf(outcomes: readonly Outcome[]): {
  readonly yields: ReadonlyMap<string, Yield>
  readonly total: Yield
} {
  const yields = new Map<string, Yield>()
  const add = (to: Yield | undefined, { rejected, crimped }: Outcome): Yield => ({
    tried: (to?.tried ?? 0) + 1,
    first: (to?.first ?? 0) + (crimped && rejected === 0 ? 1 : 0),
    scrapped: (to?.scrapped ?? 0) + rejected,
  })
  let total: Yield = { tried: 0, first: 0, scrapped: 0 }
  for (const outcome of outcomes) {
    yields.set(outcome.series, add(yields.get(outcome.series), outcome))
    total = add(total, outcome)
  }
  return { yields, total }
}

/** By count, the commonest first. */
function pareto(defects: ReadonlyMap<string, number>): readonly ScrapCause[] {
  const all = [...defects.values()].reduce((sum, count) => sum + count, 0)
  let so = 0
  return [...defects]
    .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
    .map(([defect, count]) => {
      so += count
      return { defect, count, cumulative: so / all }
    })
}

function toolWork(
  closings: ReadonlyMap<string, readonly string[]>,
  gauged: ReadonlyMap<string, string>,
  verifiedOn: (tool: string) => string | undefined,
): readonly ToolWork[] {
  return [...closings]
    .map(([tool, times]) => {
      const on = verifiedOn(tool)
      const gaugedAt = gauged.get(tool)
      // the later of the crib's date and the gauge at the bench
      const from = [on, gaugedAt]
        .filter((one) => one !== undefined)
        .sort()
        .at(-1)
      return {
        tool,
        all: times.length,
        since: from === undefined ? times.length : times.filter((at) => at >= from).length,
        ...(gaugedAt !== undefined && (on === undefined || gaugedAt > on) && { gaugedAt }),
      }
    })
    .sort((a, b) => b.since - a.since || (a.tool < b.tool ? -1 : 1))
}
