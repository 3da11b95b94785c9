import { useMemo, useState } from 'react'
import { inCavity, planIndex } from '@/core/record/plan/plan'
import type { JobState } from '@/core/record/state/state'
import type { MovedEvent } from '@/core/record/state/proofRecords'
import { type MovePlace, likelyPlace, movePlaces, placeKey, worstFirst } from '@/core/work/prove/movePlaces'
import type { SuspectContact } from '@/core/work/prove/netDiagnosis'
import { type NetVerdict, netVerdicts } from '@/core/work/prove/netVerdict'
import type { MoveTask } from '@/core/work/prove/proofTasks'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { movedEntry } from './movedEntry'
import { type Moved, type Watching, eventsOf, useWatch } from './useWatch'

const ALL: Moved = { key: 'all', during: 'all' }
/** So long it is moved where no rule asks for it, s. */
const UNASKED_S = 30
/** Wires that are watched beside the one in question. */
const BESIDE = 64

/** The moving of a unit as it goes: what is moved now, what comes next, what was seen, and where it is likely to be. */
export function useMoving(unit: number, task: MoveTask | undefined, done: () => void) {
  const { state } = useJob()
  const askedS = task?.askedS ?? UNASKED_S
  const nets = netVerdicts(state, unit)
  const ready = nets.length > 0 && nets.every((net) => net.ready)
  const { watch, running, go } = useMoveRun(unit, ready, askedS, done)
  const { watching, moved } = watch
  const [chosen, setChosen] = useState<string>()
  const { events, worst, suspect, steps } = useSeen(unit, running ? watching : undefined, chosen)
  const at = moved ? steps.findIndex((step) => step.key === moved.key) : -1
  const found = suspect === undefined ? undefined : likelyPlace(events, suspect)
  return {
    watching,
    message: watch.message,
    running,
    ready,
    askedS,
    before: state.moved.get(String(unit)),
    events,
    worst,
    suspect,
    chosen,
    steps,
    at,
    moved,
    movedS: Math.floor(watching?.movedS.get(moved?.key ?? '') ?? 0),
    /** the place at which most was seen, and the contact there */
    found: found && { ...found, contact: contactAt(state, found.term) },
    contactAt: (term: string | undefined) => contactAt(state, term),
    startAll: () => {
      setChosen(undefined)
      const wires = nets.map((net) => net.wire.id)
      void go(ALL, wires, [])
    },
    /** the wire in question, place by place */
    findPlace: (wire: string) => {
      const target = planIndex(state.plan).wires.get(wire)
      const its = target ? movePlaces(unit, target) : []
      const [first] = its
      if (!first) return
      setChosen(wire)
      void go({ ...first, key: placeKey(first) }, besideOf(nets, wire), its)
    },
    next: () => {
      const to = steps[at + 1]
      if (to) watch.move(to)
      else watch.stop()
    },
    stop: watch.stop,
  }
}

/** One sitting: wires watched until it is stopped, then written down. */
function useMoveRun(unit: number, ready: boolean, askedS: number, done: () => void) {
  const { id, append } = useJob()
  const busy = useBusy()
  const watch = useWatch(id, unit)
  const [running, setRunning] = useState(false)
  const go = async (first: Moved, wires: readonly string[], of: readonly MovePlace[]) => {
    if (!ready || busy || running) return
    setRunning(true)
    const seen = await watch.start(wires, first)
    setRunning(false)
    const entry = seen && movedEntry(unit, seen, of)
    if (entry && (await append(entry)) && entry.events.length === 0 && entry.seconds >= askedS) done()
  }
  return { watch, running, go }
}

/** What was seen up to now, in the record and by the analyser; which wire it speaks against, and what is moved to find the place. */
function useSeen(unit: number, live: Watching | undefined, chosen: string | undefined) {
  const { state } = useJob()
  const before = state.moved.get(String(unit))
  const events = useMemo(
    () => [
      ...(before?.events ?? []),
      ...(live ? eventsOf(live) : []).map(({ wire, lengthMs, moved }): MovedEvent => ({
        wire,
        lengthMs,
        during: moved?.during ?? 'all',
        ...(moved?.term !== undefined && { term: moved.term }),
      })),
    ],
    [before, live],
  )
  const worst = useMemo(() => worstFirst(state, unit, events).map((net) => net.wire), [state, unit, events])
  const steps: readonly Moved[] = useMemo(() => {
    const wire = chosen === undefined ? undefined : planIndex(state.plan).wires.get(chosen)
    return wire ? movePlaces(unit, wire).map((place): Moved => ({ ...place, key: placeKey(place) })) : [ALL]
  }, [state.plan, unit, chosen])
  return { events, worst, steps, suspect: events.length > 0 ? (chosen ?? worst[0]?.id) : undefined }
}

function contactAt({ plan }: JobState, term: string | undefined): SuspectContact | undefined {
  const termination = term === undefined ? undefined : planIndex(plan).byKey.get(term)
  return termination && inCavity(termination)
    ? { term: termination.key, end: termination.at.end, cavity: termination.at.cavity }
    : undefined
}

/** A wire, and those that share an end with it. */
function besideOf(nets: readonly NetVerdict[], wire: string): readonly string[] {
  const own = nets.find((net) => net.wire.id === wire)?.wire
  const ends = new Set([own?.from, own?.to].flatMap((side) => (side?.kind === 'cavity' ? [side.end] : [])))
  const beside = nets.filter(({ wire: { id: other, from, to } }) =>
    [from, to].some((side) => other !== wire && side.kind === 'cavity' && ends.has(side.end)),
  )
  return [wire, ...beside.map((net) => net.wire.id)].slice(0, BESIDE)
}
