import type { NextStep } from '@/core/views/steps'
import { mm, plural } from './figures'

/** What is made at Close next, in one line. */
export function closeTaskWords({ task, left }: Extract<NextStep, { kind: 'close-task' }>): {
  readonly main: string
  readonly then: string
} {
  if (task.kind === 'rest') return { main: `Set ${task.tool} to rest`, then: 'held to its block first' }
  const next = task.lines.find(({ found }) => !found)
  const { id } = task.board.segment
  return next
    ? {
        main: `${next.what === 'tie' ? 'Tie' : 'Label'} ${id} at ${mm(next.atMm, 0)}`,
        then: `${plural(left, 'stretch', 'stretches')} left`,
      }
    : { main: `Measure ${id}`, then: `${mm(task.board.segment.lengthMm, 0)} asked` }
}
