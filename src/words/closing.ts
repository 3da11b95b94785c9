import type { Knot } from '@/core/craft/ties/lacing'
import type { BundleLine } from '@/core/work/close/closeTasks'
import type { NextStep } from '@/core/views/steps'
import { figure, mm, plural } from './figures'
import { securingSign, securingWords } from './securing'

const knots: Readonly<Record<Knot, { readonly main: string; readonly how: string }>> = {
  begin: { main: 'Begin lacing', how: 'clove hitch, locked with a square knot' },
  hitch: { main: 'Hitch', how: 'marline hitch, pulled tight before the next one' },
  end: { main: 'End lacing', how: 'clove hitch, locked with a square knot, cut off' },
}

/** A tie, a knot of a lacing or a label: what it is called, and how it is made. */
export function bundleLineWords({ what, end, knot }: BundleLine): { readonly main: string; readonly how?: string } {
  if (what === 'label') return { main: end === undefined ? 'Label' : `Label ${end}` }
  return knot === undefined ? { main: 'Tie' } : knots[knot]
}

/** What is made at Close next, in one line. */
export function closeTaskWords({ task, left }: Extract<NextStep, { kind: 'close-task' }>): {
  readonly main: string
  readonly then: string
} {
  if (task.kind === 'rest') return { main: `Set ${task.tool} to rest`, then: 'held to its block first' }
  if (task.kind === 'shell') {
    const due = task.lines.find(({ found }) => !found)
    return {
      main: `Make ${task.end} fast`,
      then: due
        ? `${securingWords[due.what].name.toLowerCase()}, ${figure(due.asked, 2)} ${securingSign(due.what)}`
        : '',
    }
  }
  const next = task.lines.find(({ found }) => !found)
  const { id } = task.board.segment
  return next
    ? {
        main: `${bundleLineWords(next).main} ${id === next.end ? '' : `${id} `}at ${mm(next.atMm, 0)}`,
        then: `${plural(left, 'stretch', 'stretches')} left`,
      }
    : { main: `Measure ${id}`, then: `${mm(task.board.segment.lengthMm, 0)} asked` }
}
