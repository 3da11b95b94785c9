import type { z } from 'zod'
import type { HiddenFault } from '@/core/craft/practice/hiddenFault'
import { pointOf } from '@/core/record/plan/nets'
import type { JobState } from '@/core/record/state/state'
import { netVerdicts } from '@/core/work/prove/netVerdict'
import { analyserPoints, faultToHide, faultsLeft, standInHarness } from '@/core/work/prove/standInHarness'
import type { Bench } from '@/data/bench'
import { loadJob } from '@/data/repositories/jobs'
import { readHidden, writeHidden } from '@/data/repositories/practice'
import type { HarnessToLay } from '@/devices/analyse'
import type { InstrumentAddress, InstrumentDesk } from '@/devices/instrumentDesk'
import { deviceFaultWords } from '@/words/devices'
import type { practiceSchema, scanSchema, watchSchema } from './analyserSchemas'
import { lineStream } from './lineStream'
import { watchHearer } from './watchHearer'

/** What is being moved while the analyser watches, as a screen says it for a stand-in. One analyser, one pair of hands. */
export interface Moving {
  now: string
}

export interface AnalyserContext {
  readonly bench: Bench
  readonly desk: InstrumentDesk
  readonly address: InstrumentAddress | undefined
  readonly moving: Moving
}

interface OnAnalyser {
  readonly state: JobState
  readonly points: readonly string[]
  readonly numberOf: (point: string) => number
  readonly harness: HarnessToLay
}

/** A unit of a job as it lies on the analyser; undefined where there is no such job or unit. */
async function layOn({ bench }: AnalyserContext, jobId: string, unit: number): Promise<OnAnalyser | undefined> {
  const folded = await loadJob(bench.db, bench.jobs, jobId)
  if (!folded || unit > folded.state.plan.quantity) return undefined
  const { state } = folded
  const points = analyserPoints(state)
  const numbers = new Map(points.map((point, i) => [point, i + 1]))
  const numberOf = (point: string) => numbers.get(point) ?? 0
  const { joints, loose } = standInHarness(state, unit, await readHidden(bench.db, jobId))
  const numbered = <T extends { readonly red: string; readonly black: string }>({ red, black, ...rest }: T) => ({
    ...rest,
    from: numberOf(red),
    to: numberOf(black),
  })
  return { state, points, numberOf, harness: { joints: joints.map(numbered), loose: loose.map(numbered) } }
}

/** A run over all pairs, a line for what is joined and how far it is; the last says all that was found, or why there is nothing. */
export async function scanStream(
  request: Request,
  context: AnalyserContext,
  { job, unit, belowOhm }: z.infer<typeof scanSchema>,
): Promise<Response | undefined> {
  const on = await layOn(context, job, unit)
  if (!on) return undefined
  const { points, harness } = on
  const named = ({ from, to, ohm }: { readonly from: number; readonly to: number; readonly ohm: number }) => ({
    red: points[from - 1] ?? '',
    black: points[to - 1] ?? '',
    ohm,
  })
  return lineStream(request.signal, async (say) => {
    say({ total: (points.length * (points.length - 1)) / 2, points: points.length })
    const ran = await context.desk.scan(
      context.address,
      { points: points.length, belowOhm, harness },
      (news) => {
        if (news.kind === 'joined') say({ joined: named(news.joint) })
        else if (news.kind === 'at') say({ at: news.done })
        else say({ resumed: news.done })
      },
      request.signal,
    )
    say(
      ran.ok
        ? { end: { joined: ran.value.joined.map(named), pairs: ran.value.pairs, identity: ran.value.identity, points } }
        : { fault: ran.fault, message: deviceFaultWords(ran.fault) },
    )
  })
}

/** Wires read while they are moved: the highest of each twentieth of a second, and each interruption as it ends. */
export async function watchStream(
  request: Request,
  context: AnalyserContext,
  { job, unit, wires }: z.infer<typeof watchSchema>,
): Promise<Response | undefined> {
  const on = await layOn(context, job, unit)
  if (!on) return undefined
  const { state, numberOf, harness } = on
  const wanted = new Set(wires)
  const watched = netVerdicts(state, unit).filter(({ wire }) => wanted.has(wire.id))
  if (watched.length === 0) return undefined
  const { moving } = context
  moving.now = 'none'
  return lineStream(request.signal, async (say) => {
    const channels = watched.map(({ wire }) => ({
      from: numberOf(pointOf(state.plan, wire, 'a')),
      to: numberOf(pointOf(state.plan, wire, 'b')),
    }))
    const wiresWatched = watched.map(({ wire, resistance }) => ({
      wire: wire.id,
      limitOhm: resistance?.windowOhm[1],
    }))
    const ran = await context.desk.watch(
      context.address,
      { channels, harness, moving: () => moving.now },
      watchHearer(wiresWatched, say),
      request.signal,
    )
    if (!ran.ok) say({ fault: ran.fault, message: deviceFaultWords(ran.fault) })
  })
}

/** Hides faults in the stand-in, says how many there are, or which. */
export async function practise(
  { bench }: AnalyserContext,
  { job, unit, hide, reveal }: z.infer<typeof practiceSchema>,
  now: Date,
  chance: () => number,
): Promise<{ readonly hidden: number; readonly faults?: readonly HiddenFault[] } | undefined> {
  const folded = await loadJob(bench.db, bench.jobs, job)
  if (!folded || unit > folded.state.plan.quantity) return undefined
  const { state } = folded
  const known = await readHidden(bench.db, job)
  const left = faultsLeft(state, unit, known)
  if (!hide) return { hidden: left.length, ...(reveal && { faults: left }) }
  const made: HiddenFault[] = []
  for (const kind of hide) {
    const one = faultToHide(state, unit, kind, chance, now.toISOString(), made)
    if (one) made.push(one)
  }
  const ofOthers = known.filter((fault) => !left.includes(fault))
  await writeHidden(bench.db, job, [...ofOthers, ...made])
  return { hidden: made.length }
}
