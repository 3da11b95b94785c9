import type { SleeveContact } from './types'
import type { ToolClass } from './toolClasses'
import type { Range } from '../../base/range'
import type { LookCode } from './lookCodes'

export type TerminalShapeId = SleeveContact['shape']

/** What a terminal or splice asks of the bench by its shape. */
export interface TerminalShape {
  readonly id: TerminalShapeId
  /** how far the conductor stands past the barrel: at a ferrule's tip level with it, at a ring a little beyond, at a butt splice up to the stop */
  readonly past: Range
  readonly looks: readonly LookCode[]
  readonly toolClasses: (insulated: boolean) => readonly ToolClass[]
  /** it joins two wires, one from either side */
  readonly joins: boolean
}

/** An insulating sleeve wants nests of its own: bare nests would cut it. */
const sleeveTools = (insulated: boolean): readonly ToolClass[] =>
  insulated ? ['sleeve-nest'] : ['nest-ratchet', 'sleeve-nest', 'notch-pliers']
const showing = { minMm: 0.2, maxMm: 1 }

const lug = (id: TerminalShapeId): TerminalShape => ({
  id,
  past: showing,
  looks: ['conductor-shows', 'insulation-at-barrel', 'indent-in-place', 'contact-straight'],
  toolClasses: sleeveTools,
  joins: false,
})

export const terminalShapes: Readonly<Record<TerminalShapeId, TerminalShape>> = {
  ferrule: {
    id: 'ferrule',
    past: { minMm: 0, maxMm: 0.5 },
    looks: ['tip-reached', 'all-strands-inside', 'collar-at-insulation', 'section-square'],
    toolClasses: () => ['ferrule-square'],
    joins: false,
  },
  ring: lug('ring'),
  fork: lug('fork'),
  blade: lug('blade'),
  bullet: lug('bullet'),
  butt: {
    id: 'butt',
    past: { minMm: 0, maxMm: 0.5 },
    looks: ['stop-reached', 'insulation-at-barrel', 'indent-in-place', 'sleeve-intact'],
    toolClasses: sleeveTools,
    joins: true,
  },
}
