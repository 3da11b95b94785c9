import type { LineFault } from '@/core/work/close/layoutText'
import { list } from '@/words/figures'

const faults: Readonly<Record<LineFault['kind'], (said: string) => string>> = {
  columns: (said) => `“${said}” has too few columns: name; from; to; length.`,
  length: (said) => `“${said}” is no length, like 775 or 30 in.`,
  tolerance: (said) => `“${said}” is no tolerance, like ±10.`,
  range: (said) => `“${said}” is no place: stretch; 450 to 520; grommet.`,
}

/** What `LayoutCard` says. */
export const layoutCardWords = {
  noWireBetween: 'No wire runs between two ends: there is no bundle to lay.',
  howItLies: 'How the bundle lies',
  estimated: 'Estimated from the lengths of the wires: set it right by what you have seen.',
  stretches: 'Stretches',
  stretchesHint: 'name; from; to; length ±tolerance, mm from the rear of the connector',
  withoutTies: 'No tie here',
  withoutTiesHint: 'stretch; from to; grommet, clamp or other',
  lineFault: ({ kind, line, said }: LineFault) => `Line ${String(line)}: ${faults[kind](said)}`,
  heldBy: 'Held by',
  held: { ties: 'ties', lacing: 'lacing', none: 'nothing' },
  laidMore: 'As laid, % more',
  firstFrom: 'First tie from an end',
  pitchAtMost: 'Pitch at most',
  labelFrom: 'Label from an end',
  noLabels: 'no labels',
  tooShort: (wires: readonly string[]) => `Shorter than their way: ${list([...wires])}.`,
  takeLayout: 'Take this layout',
  setLayout: 'Change the layout',
  layoutIsSet: 'The layout is in the plan.',
  nothingChanged: 'Nothing was changed.',
}
