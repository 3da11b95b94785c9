import { plural } from '@/words/figures'

/** What is asked of an end whose housing takes both. */
export const pinsOrSocketsWords = {
  ask: (end: string) => `Pins or sockets at ${end}?`,
  onceForAll: (wires: number) => `Its housing takes both. Said once, for all ${plural(wires, 'wire')} of it.`,
  cameOut: (end: string) => `What comes out of ${end}: a pin or a socket?`,
  newOnesAreAlike: (wires: number) =>
    `Its housing takes both. The new ones are like it, for all ${plural(wires, 'wire')}.`,
  thatEndIsNot: 'That end is not in the plan any more.',
  pins: 'Pins',
  sockets: 'Sockets',
}
