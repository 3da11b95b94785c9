import { housingOf } from '@/core/record/plan/facts'
import { endKey, unitAndId } from '@/core/record/plan/keys'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { type JobState, isClosed } from '@/core/record/state/state'
import { units } from '@/core/record/state/wireBlocks'
import { type CloseTask, closeTasks } from '@/core/work/close/closeTasks'
import { workLeft } from '@/core/work/left/workLeft'
import type { QueueLook, QueueSection } from '@/ui/list/Queue'
import { shortMm } from '@/words/figures'
import { securingWords } from '@/words/securing'
import { closeStationWords as words } from '@/words/screens/close/closeStation'

/** What is left to do here, a few lines. */
export type CloseLine = QueueLook & { readonly key: string }

const several = ({ plan }: JobState, unit: number) => (plan.quantity > 1 ? ` #${String(unit)}` : '')

function taskLine(state: JobState, task: CloseTask): CloseLine {
  if (task.kind === 'rest')
    return {
      key: task.key,
      glyph: task.now.rested ? (task.now.rested.held ? 'done' : 'fault') : 'todo',
      name: task.tool,
      words: words.toRest,
    }
  if (task.kind === 'shell') {
    const on = task.lines.filter(({ found }) => found).length
    return {
      key: task.key,
      glyph: task.done ? 'done' : 'todo',
      name: `${task.end}${several(state, task.unit)}`,
      words: task.lines.map(({ what }) => securingWords[what].name.toLowerCase()).join(', '),
      aside: `${String(on)}/${String(task.lines.length)}`,
    }
  }
  const { segment, tooShort, pitchMm, noPlace } = task.board
  const on = task.lines.filter(({ found }) => found).length
  return {
    key: task.key,
    glyph: task.done ? 'done' : task.lengthGood === false || noPlace ? 'fault' : 'todo',
    name: `${segment.id}${several(state, task.unit)}`,
    words: tooShort ? words.tooShort : pitchMm > 0 ? words.pitch(shortMm(pitchMm, 1)) : words.oneTie,
    aside: task.lines.length > 0 ? `${String(on)}/${String(task.lines.length)}` : shortMm(segment.lengthMm, 0),
  }
}

/** The ends whose shell is made fast with a tool: those whose sheet asks for it, and the other round ones where somebody does. */
const shellLines = (state: JobState, tasks: readonly CloseTask[]): readonly CloseLine[] =>
  units(state).flatMap((unit) =>
    state.plan.ends.flatMap((end): CloseLine[] => {
      const housing = housingOf(state.facts, state.plan, end.id)
      const asked = tasks.find((task) => task.kind === 'shell' && task.unit === unit && task.end === end.id)
      if (asked) return [taskLine(state, asked)]
      if (housing?.outline.shape !== 'circle') return []
      const done = state.ends.get(endKey(unit, end.id))?.secured ?? []
      return [
        {
          key: `shell ${endKey(unit, end.id)}`,
          glyph: done.length > 0 ? 'done' : 'wait',
          name: `${end.id}${several(state, unit)}`,
          words: words.backshellNut,
        },
      ]
    }),
  )

/** The tray, the signatures, and what stands before them. */
function lastLines(state: JobState, tasks: readonly CloseTask[]): readonly CloseLine[] {
  const closed = isClosed(state)
  const left = workLeft(state)
  const second = state.signatures.find((one) => one.role === 'second' && !one.void)
  return [
    ...tasks.filter(({ kind }) => kind === 'rest').map((task) => taskLine(state, task)),
    {
      key: 'tray',
      glyph: state.tray?.allBack ? 'done' : state.tray ? 'fault' : 'todo',
      name: words.tray,
      words: state.tray ? (state.tray.allBack ? words.toolsBackScrapFound : words.somethingIsMissing) : words.countIt,
    },
    {
      key: 'sign',
      glyph: closed ? 'done' : left > 0 ? 'wait' : 'todo',
      name: words.sign,
      words: closed ? words.isSigned : left > 0 ? words.leftBefore(left) : words.buildersSignature,
    },
    ...(rulesOf(state).secondSignature
      ? [
          {
            key: 'second',
            glyph: second ? ('done' as const) : closed ? ('todo' as const) : ('wait' as const),
            name: words.second,
            words: second ? words.isSigned : words.anotherPersonsSignature,
          },
        ]
      : []),
  ]
}

/** Everything at Close, in the order in which it is done: bundle, shells, then tray, signature and papers. */
export function closeSections(state: JobState): readonly QueueSection<CloseLine>[] {
  const tasks = closeTasks(state)
  const board: CloseLine = {
    key: 'board',
    glyph: state.plan.layout ? 'done' : 'wait',
    name: words.board,
    words: state.plan.layout ? words.howItLies : words.layItOut,
  }
  const lacings = [...state.lacings].map(([key, now]): CloseLine => ({
    key: `lacing ${key}`,
    glyph: now === 'open' ? 'todo' : 'wait',
    name: unitAndId(key).id,
    words: words.lacingRenewIt(now === 'open'),
  }))
  const segments = tasks.filter(({ kind }) => kind === 'segment').map((task) => taskLine(state, task))
  const sections: readonly QueueSection<CloseLine>[] = [
    { id: 'bundle', title: words.bundle, items: [board, ...segments, ...lacings] },
    { id: 'shells', title: words.roundShells, items: shellLines(state, tasks) },
    { id: 'close', title: words.toClose, items: lastLines(state, tasks) },
  ]
  return sections.filter(({ items }) => items.length > 0)
}
