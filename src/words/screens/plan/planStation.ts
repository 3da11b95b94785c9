import { plural } from '@/words/figures'

/** What the Plan station says of itself. */
export const planWords = {
  opening: 'Opening the pinout…',
  thisWire: 'This wire',
  noEnds: 'This job has no ends yet. Add one at the left, or import a pinout.',
  noWire: 'No wire in hand.',
  otherEnd: 'Show the other end',
  save: 'Save the plan',
  discard: (edited: number) => `Discard ${plural(edited, 'change')}`,
  mendFirst: (faulty: number) => `▲ ${plural(faulty, 'row')} to mend before the plan can be saved: filter by “faulty”.`,
  saveSound: (faulty: number) =>
    `Save the sound rows; ${plural(faulty, 'row')} ${faulty === 1 ? 'stays' : 'stay'} as typed`,
  unchanged: 'Nothing has changed.',
}
