import { overdueWords } from '@/words/tools'
import { todayJobsWords as texts } from '@/words/screens/today/todayJobs'
import { planIndex } from '@/core/record/plan/plan'
import { type Progress, progress } from '@/core/views/progress'
import { withoutSet } from '@/core/views/queue'
import { nextStep } from '@/core/views/steps'
import type { Provenance } from '@/core/record/journal/recordFault'
import { recordFaultWords } from '@/words/records'
import type { JobState } from '@/core/record/state/state'
import { readToolWork } from '@/data/repositories/ledgerBook'
import { toolDue } from '@/core/craft/setup/setup'
import { isInCrib } from '@/core/parts/catalogue/types'
import { type FirstNeed, missingForFirstJob } from '@/core/views/missingForFirstJob'
import { bench, dataFolder } from '@/data/bench'
import { world } from '@/data/world'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { listJobs, loadRecord } from '@/data/repositories/jobs'
import type { BenchClock } from '@/words/clock'
import { daysAfter } from '@/core/base/benchDay'
import { day, plural } from '@/words/figures'
import { stepWords } from '@/words/steps'

/** An open job as Today shows it: what it needs next, in words. */
export interface TodayJob {
  readonly id: string
  readonly title: string
  readonly about: string
  readonly progress: Progress
  readonly station: keyof Progress
  readonly next: string
  readonly then?: string
  readonly blocked?: string
  readonly href: string
  readonly lastAt: string
}

export interface Today {
  readonly jobs: readonly TodayJob[]
  readonly closed: readonly { readonly id: string; readonly title: string; readonly fault?: string }[]
  readonly tools: readonly {
    readonly id: string
    readonly name: string
    readonly words: string
    readonly overdue: boolean
  }[]
  /** on a bench that has made no job yet: what one needs, and what of it is there */
  readonly first?: Readonly<Record<FirstNeed, boolean>>
  /** the folder of the data; undefined when a database server keeps it */
  readonly keptAt?: string
  /** there is a practice workshop to go to */
  readonly practice: boolean
}

/** Frames that fall due within these days are named. */
const SOON_DAYS = 30

export async function today(now: Date, clock: BenchClock, people: number): Promise<Today> {
  const here = await bench()
  const { db, jobs, catalogue: cache } = here
  const heads = await listJobs(db)
  const loaded = await Promise.all(heads.map(async (head) => ({ head, record: await loadRecord(db, jobs, head.id) })))
  const catalogue = await loadCatalogue(db, cache)
  const date = clock.dayOf(now)
  const soon = daysAfter(date, SOON_DAYS)
  // what the tools have closed is asked for only where one is due by its count
  const isCounted = [...catalogue.tools.values()].some((tool) => tool.dueEveryStrokes !== undefined)
  const made = new Map((isCounted ? await readToolWork(here) : []).map((one) => [one.tool, one.since]))
  return {
    ...(heads.length === 0 && { first: missingForFirstJob({ people, jobs: 0, catalogue, today: date }) }),
    ...(!process.env.DATABASE_URL && { keptAt: dataFolder() }),
    practice: world() === 'own' && process.env.URN_BENCH_DEMO !== '1',
    jobs: loaded
      .flatMap(({ head, record }) =>
        record && !head.closed ? [todayJob(head.id, record.folded.state, record.provenance)] : [],
      )
      .sort((a, b) => (a.lastAt < b.lastAt ? 1 : -1)),
    closed: loaded.flatMap(({ head, record }) =>
      record && head.closed
        ? [
            {
              id: head.id,
              title: record.folded.state.plan.title,
              ...(record.provenance.fault && { fault: recordFaultWords(record.provenance.fault) }),
            },
          ]
        : [],
    ),
    tools: [...catalogue.tools.values()].filter(isInCrib).flatMap((tool) => {
      const due = toolDue(tool, date, made.get(tool.id))
      if (due.kind === 'none' || (due.kind === 'due' && due.dueOn > soon)) return []
      return [
        {
          id: tool.id,
          name: tool.name,
          words: due.kind === 'overdue' ? overdueWords(due) : `due ${day(due.dueOn)}`,
          overdue: due.kind === 'overdue',
        },
      ]
    }),
  }
}

function todayJob(id: string, state: JobState, { fault }: Provenance): TodayJob {
  const { plan } = state
  const step = nextStep(state)
  const words = stepWords(step, plan.quantity)
  const blocked = withoutSet(state)
  const [first] = blocked
  // a job that hands have worked on comes before one that was only planned
  const lastWork = state.recent.findLast((line) => line.kind !== 'plan-changed' && line.kind !== 'sets-chosen')
  return {
    id,
    title: plan.title,
    about: `${plan.kind} · rev ${plan.rev} · ${plural(planIndex(plan).terminations.length, 'termination')}`,
    progress: progress(state),
    station: step.station,
    next: words.main,
    ...(words.then !== undefined && { then: words.then }),
    ...(fault && { blocked: recordFaultWords(fault) }),
    ...(!fault &&
      first && {
        blocked: texts.isBlockedNothingFits(first.key, blocked.length > 1 ? texts.more(blocked.length - 1) : ''),
      }),
    href: `/jobs/${id}/${step.station}${step.focus === undefined ? '' : `?at=${encodeURIComponent(step.focus)}`}`,
    lastAt: lastWork?.at ?? '',
  }
}
