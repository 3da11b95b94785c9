import type { HoldTest } from '@/core/craft/crimp/holdTests'
import { LOOSE } from '@/core/record/plan/nets'
import type { ProveStep } from '@/core/work/prove/proveStep'
import { plural } from './figures'

/** A point as a hand finds it: `A.3`, or the bare end `W3b`. */
export const pointName = (point: string): string =>
  point.startsWith(`${LOOSE}.`) ? point.slice(LOOSE.length + 1) : point

/** What a contact is pulled for. */
export const holdTestWords: Readonly<
  Record<HoldTest, { readonly name: string; readonly doIt: string; readonly held: string; readonly not: string }>
> = {
  retention: { name: 'Retention', doIt: 'Gauge', held: 'It holds', not: 'It moved' },
  'hand-pull': { name: 'Pull by hand', doIt: 'Pull', held: 'It holds', not: 'It came off' },
}

/** What is proved next, in one line. */
export function proveStepWords(
  step: ProveStep,
  termName: (key: string) => string,
): { readonly main: string; readonly then: string } {
  switch (step.kind) {
    case 'probe':
      return {
        main: `Probe ${plural(step.nets, 'net')}`,
        then: step.pairs > 0 ? `and ${plural(step.pairs, 'pair')} that must be apart` : 'to prove',
      }
    case 'measure':
      return { main: `Measure ${step.wire}`, then: `${plural(step.nets, 'net')} without a reading` }
    case 'put-net-right':
      return { main: `Put ${step.wire} right`, then: 'it did not prove' }
    case 'probe-apart':
      return { main: `Probe ${plural(step.pairs, 'pair')}`, then: 'that must be apart' }
    case 'put-pair-right':
      return {
        main: `Part ${pointName(step.task.red)} and ${pointName(step.task.black)}`,
        then: 'they ring, and must not',
      }
    case 'probe-through':
      return {
        main: `Probe through ${step.task.a} and ${step.task.b}`,
        then: `${plural(step.circuits, 'circuit')} left`,
      }
    case 'put-through-right':
      return { main: `Look at ${step.task.a} and ${step.task.b}`, then: 'together they do not ring through' }
    case 'analyse':
      return { main: 'Run the analyser', then: 'over all pairs' }
    case 'hold':
      return {
        main: `${holdTestWords[step.task.test].doIt} ${termName(step.task.termination.key)}`,
        then: `${plural(step.left, 'contact')} left`,
      }
    case 'move':
      return { main: 'Move the harness', then: `${String(step.task.askedS)} s, while it is watched` }
  }
}
