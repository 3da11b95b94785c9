'use client'
import { useMemo } from 'react'
import { housingOf } from '@/core/job/facts'
import { planIndex } from '@/core/job/plan'
import { taskKey } from '@/core/job/steps'
import { endTasks, type EndTask } from '@/core/seat/endTasks'
import { useJob } from '@/ui/job/JobProvider'
import { useAt } from '@/ui/job/useAt'
import { Queue, type QueueRow, type QueueSection } from '@/ui/list/Queue'
import { termName } from '@/words/steps'
import { lockWords } from '@/words/seat'
import { SeatTask } from './SeatTask'

/** End by end: contacts into their cavities, plugs, lock, small parts, a last look from both sides. */
export function SeatStation() {
  const { state } = useJob()
  const tasks = useMemo(() => allTasks(state), [state])
  const byKey = useMemo(() => new Map(tasks.map((task) => [taskKey(task), task])), [tasks])
  const sections = useMemo(() => seatSections(state, tasks), [state, tasks])
  const due = useMemo(() => dueTask(tasks), [tasks])
  const { at, select, follow } = useAt((key) => byKey.has(key), due && taskKey(due))
  const task = at === undefined ? undefined : byKey.get(at)
  return (
    <div className="station">
      <Queue sections={sections} selected={at} onSelect={select} label="Tasks by end" />
      {task ? <SeatTask key={taskKey(task)} task={task} done={(next) => (next ? select(taskKey(next)) : follow())} /> : <div className="work"><p className="note attend">No ends to fill: plan the wires first.</p></div>}
    </div>
  )
}

type State = ReturnType<typeof useJob>['state']

function allTasks(state: State): readonly EndTask[] {
  const tasks: EndTask[] = []
  for (let unit = 1; unit <= state.plan.quantity; unit++) for (const end of state.plan.ends) tasks.push(...endTasks(state, unit, end.id))
  return tasks
}

const isOpen = (task: EndTask) => !task.done && !(task.kind === 'insert' && task.blockedBy)

/** The first thing that can be done: covers wait for the contacts of their end. */
function dueTask(tasks: readonly EndTask[]): EndTask | undefined {
  const stuck = new Set(tasks.filter((task) => task.kind === 'insert' && task.blockedBy && !task.done).map((task) => `${task.unit}/${task.end}`))
  const cover = (task: EndTask) => task.kind === 'lock' || task.kind === 'fit-part' || task.kind === 'look-over'
  return tasks.find((task) => isOpen(task) && !(cover(task) && stuck.has(`${task.unit}/${task.end}`))) ?? tasks.find((task) => !task.done) ?? tasks[0]
}

function seatSections(state: State, tasks: readonly EndTask[]): readonly QueueSection[] {
  const groups = new Map<string, EndTask[]>()
  for (const task of tasks) {
    const key = `${task.unit}/${task.end}`
    const list = groups.get(key)
    if (list) list.push(task)
    else groups.set(key, [task])
  }
  return [...groups].map(([key, group]) => {
    const [first] = group
    const housing = first && housingOf(state.facts, state.plan, first.end)
    const left = group.filter((task) => !task.done).length
    return {
      id: key,
      title: `End ${first?.end ?? ''}${state.plan.quantity > 1 ? ` of unit ${first?.unit ?? ''}` : ''}: ${housing?.name ?? ''}`,
      aside: left === 0 ? '✓' : `${left} left`,
      rows: group.map((task) => taskRow(state, task, housing ? (state.facts.families[housing.family]?.lock ?? 'none') : 'none')),
    }
  })
}

function taskRow(state: State, task: EndTask, lock: keyof typeof lockWords): QueueRow {
  const { quantity } = state.plan
  const base = { key: taskKey(task), glyph: task.done ? ('done' as const) : ('todo' as const) }
  switch (task.kind) {
    case 'insert': {
      const colour = planIndex(state.plan).byKey.get(task.term)?.wire.colour
      return { ...base, glyph: task.done ? 'done' : task.blockedBy ? 'wait' : 'todo', name: termName(task.term, quantity), words: `${task.done ? 'in' : '→'} ${task.end}.${task.cavity}${task.blockedBy && !task.done ? ' · not crimped' : ''}`, aside: colour }
    }
    case 'put-right': return { ...base, glyph: 'fault', name: termName(task.term, quantity), words: task.why === 'not-home' ? 'not home: take out' : `in ${task.end}.${task.found}: take out` }
    case 'unplug': return { ...base, glyph: 'caution', name: task.cavity, words: 'plug out: a wire goes here' }
    case 'plug': return { ...base, name: task.cavity, words: `plug ${task.part}` }
    case 'lock': return { ...base, name: '–', words: `${lockWords[lock].name} closed`, aside: task.part }
    case 'fit-part': return { ...base, name: '–', words: 'interface seal', aside: task.part }
    case 'look-over': return { ...base, name: '–', words: 'look from both sides' }
  }
}
