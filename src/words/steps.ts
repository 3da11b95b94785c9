import type { GaugeDue } from '@/core/record/standing/gaugeDue'
import type { NextStep } from '@/core/views/steps'
import type { Station } from '@/core/views/progress'
import type { EndTask } from '@/core/work/seat/endTasks'
import { setupChangesWords } from './crimp'
import { plural } from './figures'
import { closeTaskWords } from './closing'
import { proveStepWords } from './proving'
import { termOf } from '@/core/record/plan/keys'

export const stationWords: Readonly<Record<Station, string>> = {
  plan: 'Plan',
  kit: 'Kit',
  prep: 'Prep',
  crimp: 'Crimp',
  seat: 'Seat',
  prove: 'Prove',
  close: 'Close',
}

/** `1/W07/a` as `W07a`; with its unit where the job has several. */
export function termName(key: string, quantity = 1): string {
  const { unit, wire, side } = termOf(key)
  return `${wire}${side}${quantity > 1 ? ` #${unit}` : ''}`
}

/** The gauge that a frame's first crimp of the day waits for, as the next step. */
export const gaugeStepWords = ({ tool, gauge }: GaugeDue) => ({
  main: `Gauge ${tool}`,
  then: `with ${gauge.id}, before the day’s first crimp`,
})

/** The next step in one line, for the frame and for Today. */
export function stepWords(step: NextStep, quantity = 1): { readonly main: string; readonly then?: string } {
  switch (step.kind) {
    case 'plan-wires':
      return { main: 'Plan the wires' }
    case 'choose-set':
      return { main: `Choose a set for ${termName(step.term, quantity)}` }
    case 'unblock':
      return {
        main: `Unblock ${termName(step.term, quantity)}`,
        then: `no set works for ${plural(step.blocked, 'termination')}`,
      }
    case 'strip':
      return {
        main: `Strip ${termName(step.term, quantity)}`,
        then: `${step.left} left in this setup`,
      }
    case 'mount':
      return { main: 'Change the setup', then: setupChangesWords(step.changes) }
    case 'first-piece':
      return {
        main: 'Make a first piece',
        then: `like ${termName(step.term, quantity)}: inspect it, pull it, then release`,
      }
    case 'verify-tool':
      return { main: `Gauge ${step.tool}`, then: 'its adjuster was turned' }
    case 'pull-sample':
      return { main: 'Pull a sample', then: `one in ${step.every} to destruction` }
    case 'release':
      return { main: 'Release the setup', then: 'the first piece is good' }
    case 'crimp':
      return { main: `Crimp ${termName(step.term, quantity)}`, then: `${step.left} left in this setup` }
    case 'seat':
      return { main: taskWords(step.task, quantity), then: `${step.left} left at ${step.task.end}` }
    case 'look-again':
      return {
        main: `Look at ${termName(step.term, quantity)} again`,
        then: `${plural(step.left, 'crimp')} in question`,
      }
    case 'renew-lacing':
      return {
        main: `Renew the lacing along ${step.wire}`,
        then: step.left > 1 ? `${step.left} places to lace` : 'then the tray',
      }
    case 'close-task':
      return closeTaskWords(step)
    case 'count-tray':
      return { main: 'Count the tray' }
    case 'sign':
      return { main: 'Sign' }
    case 'countersign':
      return { main: 'Second signature' }
    case 'closed':
      return { main: 'Closed', then: 'signed and in the ledger' }
    default:
      return proveStepWords(step, (key) => termName(key, quantity))
  }
}

/** A task at an end, as the hand does it. */
export function taskWords(task: EndTask, quantity = 1): string {
  const end = quantity > 1 ? `${task.end} #${task.unit}` : task.end
  switch (task.kind) {
    case 'insert':
      return `Seat ${termName(task.term, quantity)} in ${end}.${task.cavity}`
    case 'put-right':
      return `Take ${termName(task.term, quantity)} out of ${end}.${task.found}${task.park ? ', put it aside' : ''}`
    case 'unplug':
      return `Take the plug out of ${end}.${task.cavity}`
    case 'plug':
      return `Plug ${end}.${task.cavity}`
    case 'lock':
      return `Close the lock of ${end}`
    case 'fit-part':
      return task.over ? `Put the new cover of ${end} over its wires` : `Fit the interface seal of ${end}`
    case 'open-end':
      return `Open ${end} for its contacts`
    case 'open-lacing':
      return `Open the lacing along ${task.wire}`
    case 'mate':
      return `Check ${end} against ${task.with}`
    case 'look-over':
      return `Look ${end} over from both sides`
  }
}
