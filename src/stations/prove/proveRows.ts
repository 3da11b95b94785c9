import { termLabel, wireKey } from '@/core/record/plan/keys'
import { placeOf } from '@/core/record/plan/plan'
import { derivedOf } from '@/core/record/state/derivedOf'
import type { JobState } from '@/core/record/state/state'
import { ofAllBlocks, units } from '@/core/record/state/wireBlocks'
import { type NetVerdict, verdictsOfBlock } from '@/core/work/prove/netVerdict'
import {
  type AnalyseTask,
  type ApartTask,
  type HoldTask,
  type MoveTask,
  analyseTask,
  apartTasks,
  holdTasks,
  moveTask,
} from '@/core/work/prove/proofTasks'
import { type ThroughTask, throughTasks } from '@/core/work/prove/throughTasks'
import { analyseFocus, moveFocus } from '@/core/work/prove/proveStep'
import { sideWords } from '@/ui/job/WireChips'
import type { QueueLook } from '@/ui/list/Queue'
import { holdTestWords, pointName } from '@/words/proving'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { netVerdictWords } from './netVerdictWords'
import type { WalkPlace } from './useWalk'

/** What stands in the queue of Prove: a net, a pair, a contact, or something about the whole. */
export type ProveRow =
  | { readonly kind: 'net'; readonly key: string; readonly net: NetVerdict }
  | { readonly kind: 'apart'; readonly key: string; readonly task: ApartTask }
  | { readonly kind: 'through'; readonly key: string; readonly task: ThroughTask }
  | { readonly kind: 'hold'; readonly key: string; readonly task: HoldTask }
  | { readonly kind: 'move'; readonly key: string; readonly unit: number; readonly task: MoveTask | undefined }
  | { readonly kind: 'analyse'; readonly key: string; readonly unit: number; readonly task: AnalyseTask | undefined }
  | { readonly kind: 'chart'; readonly key: string }
  | { readonly kind: 'mismate'; readonly key: string }

export const netKey = ({ unit, wire }: NetVerdict): string => wireKey(unit, wire.id)

// rows stay as long as what they are of, so that an entry makes anew no more than it touches
const netRowsOf = derivedOf((state, unit: number, block: number) =>
  verdictsOfBlock(state, unit, block).map((net): ProveRow => ({ kind: 'net', key: netKey(net), net })),
)
const apartRows = derivedOf((state, unit: number) =>
  apartTasks(state, unit).map((task): ProveRow => ({ kind: 'apart', key: task.key, task })),
)
const throughRows = derivedOf((state, unit: number) =>
  throughTasks(state, unit).map((task): ProveRow => ({ kind: 'through', key: task.key, task })),
)
const holdRows = derivedOf((state, unit: number) =>
  holdTasks(state, unit).map((task): ProveRow => ({ kind: 'hold', key: task.key, task })),
)

/** Everything that can be proved of a job, or looked at here: the same list, until an entry touches what it says. */
export const proveRows = derivedOf((state): readonly ProveRow[] => {
  const all = units(state)
  if (state.plan.wires.length === 0) return []
  const ofEach = (rows: (of: JobState, unit: number) => readonly ProveRow[]) => all.map((unit) => rows(state, unit))
  return [
    ofAllBlocks(state, netRowsOf),
    ...ofEach(apartRows),
    ...ofEach(throughRows),
    ...ofEach(holdRows),
    all.flatMap((unit): ProveRow[] => [
      { kind: 'move', key: moveFocus(unit), unit, task: moveTask(state, unit) },
      { kind: 'analyse', key: analyseFocus(unit), unit, task: analyseTask(state, unit) },
    ]),
    [{ kind: 'chart', key: 'chart' } as const],
    state.plan.ends.length > 1 ? [{ kind: 'mismate', key: 'mismate' } as const] : [],
  ].flat()
})

/** Where a row belongs in the queue. */
export function standingOf(row: ProveRow): 'wrong' | 'to-probe' | 'to-pull' | 'whole' | 'proved' {
  switch (row.kind) {
    case 'net':
      return row.net.proven ? 'proved' : row.net.probe ? 'wrong' : 'to-probe'
    case 'apart':
    case 'through':
      return row.task.done ? 'proved' : row.task.found ? 'wrong' : 'to-probe'
    case 'hold':
      return row.task.done ? 'proved' : row.task.found ? 'wrong' : 'to-pull'
    default:
      return 'whole'
  }
}

const LAST = Number.MAX_SAFE_INTEGER

/** Places in the walk by the key of a row, kept as long as the walk: an entry asks for all of them. */
const placesOf = new WeakMap<ReadonlyMap<string, WalkPlace>, Map<string, number>>()

/** Rows by their place in the walk of the probes; what the walk does not know comes last. */
export function inWalk(
  rows: readonly ProveRow[],
  walk: ReadonlyMap<string, WalkPlace> | undefined,
): readonly ProveRow[] {
  if (!walk) return rows
  const known = placesOf.get(walk) ?? new Map<string, number>()
  placesOf.set(walk, known)
  const placeOfRow = ({ key }: ProveRow) => {
    const before = known.get(key)
    if (before !== undefined) return before
    const slash = key.indexOf('/')
    // only nets and pairs have their unit alone before the slash
    const unit = Number(key.slice(0, slash))
    const place = Number.isNaN(unit) ? LAST : unit * 1e6 + (walk.get(key.slice(slash + 1))?.place ?? 1e5)
    known.set(key, place)
    return place
  }
  return rows
    .map((row) => ({ row, place: placeOfRow(row) }))
    .sort((a, b) => a.place - b.place)
    .map(({ row }) => row)
}

/** How a row is told in the queue. */
export function lookOf(state: JobState, row: ProveRow): QueueLook {
  const several = state.plan.quantity > 1
  const ofUnit = (unit: number) => (several ? ` #${String(unit)}` : '')
  switch (row.kind) {
    case 'net':
      return netLook(row.net, ofUnit(row.net.unit))
    case 'apart':
      return {
        glyph: row.task.done ? 'done' : row.task.found ? 'fault' : 'todo',
        name: words.apartSign,
        words: `${pointName(row.task.red)} | ${pointName(row.task.black)}${ofUnit(row.task.unit)}`,
        aside: words.mustNotRing,
      }
    case 'through':
      return {
        glyph: row.task.done ? 'done' : row.task.found ? 'fault' : 'todo',
        name: words.throughSign,
        words: `${pointName(row.task.red)} – ${pointName(row.task.black)}${ofUnit(row.task.unit)}`,
        aside: `${row.task.a} ${row.task.b}`,
      }
    case 'hold': {
      const { task } = row
      const { wire, side } = task.termination
      const at = placeOf(state.plan, wire, side)
      return {
        glyph: task.done ? 'done' : task.found ? 'fault' : task.ready ? 'todo' : 'wait',
        name: termLabel(task.termination.key),
        words: `${at.kind === 'cavity' ? `${at.end}.${at.cavity}` : ''} ${holdTestWords[task.test].name.toLowerCase()}`,
      }
    }
    case 'move':
      return {
        glyph: row.task ? (row.task.done ? 'done' : row.task.found?.events.length ? 'fault' : 'todo') : 'wait',
        name: words.move,
        words: row.task ? words.moveFor(row.task.askedS) : words.whileWatched,
        aside: ofUnit(row.unit),
      }
    case 'analyse':
      return {
        glyph: row.task ? (row.task.done ? 'done' : row.task.found ? 'fault' : 'todo') : 'wait',
        name: words.allPairs,
        words: words.byAnalyser,
        aside: ofUnit(row.unit),
      }
    case 'chart':
      return { glyph: 'wait', name: words.chart, words: words.netsAgainstWindows }
    case 'mismate':
      return { glyph: 'wait', name: words.mismate, words: words.whatIfJoinedWrongly }
  }
}

const netLook = (net: NetVerdict, ofUnit: string): QueueLook => ({
  glyph: net.proven ? 'done' : net.probe ? 'fault' : net.ready ? 'todo' : 'wait',
  name: `${net.wire.id}${ofUnit}`,
  words: `${sideWords(net.wire, 'a')} – ${sideWords(net.wire, 'b')}${net.ready ? '' : words.notSeated}`,
  aside:
    net.events.length > 0
      ? words.events(net.events.length)
      : net.resistance?.verdict === undefined
        ? ''
        : netVerdictWords[net.resistance.verdict].sign,
})
