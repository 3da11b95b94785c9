import type { WorkAhead } from '../../record/journal/entryKind'
import { endTasks, type EndTask } from '../seat/endTasks'
import { workLeft } from './workLeft'

/** What each task leaves undone at an end, while it is due; undefined where a last look does not wait for it. */
const leaves: Readonly<Record<EndTask['kind'], 'seated' | 'plugged' | 'closed' | 'fitted' | undefined>> = {
  insert: 'seated',
  'put-right': 'seated',
  plug: 'plugged',
  unplug: 'fitted',
  lock: 'closed',
  'fit-part': 'fitted',
  'open-lacing': undefined,
  'open-end': undefined,
  'look-over': undefined,
  mate: undefined,
}

/** What is still to be done in a job, for the record to ask. */
export const workAhead: WorkAhead = {
  beforeLook: (state, unit, end) => {
    const due = endTasks(state, unit, end).flatMap((task) => (task.done ? [] : (leaves[task.kind] ?? [])))
    return due[0] && { what: due[0], left: due.length }
  },
  left: workLeft,
}
