import type { NextStep } from '@/core/views/steps'
import type { Securing } from '@/core/craft/torque/securings'
import { mm, plural } from './figures'

/** How a shell is made fast, in words. */
export const securingWords: Readonly<Record<Securing, { readonly name: string; readonly set: string }>> = {
  backshell: { name: 'Backshell', set: 'torque' },
  'jam-nut': { name: 'Jam nut', set: 'torque' },
  'safety-wire': { name: 'Safety wire', set: 'pull' },
  'safety-cable': { name: 'Safety cable', set: 'pull' },
}

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
