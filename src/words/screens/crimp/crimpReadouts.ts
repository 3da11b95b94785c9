import { figure } from '@/words/figures'

/** What `CrimpReadouts` says. */
export const crimpReadoutsWords = {
  toStop: 'to the stop',
  cardSays: (wireStopMm: number) => `card says ${figure(wireStopMm, 1)}`,
  now: 'Now',
  strip: 'Strip',
  wire: 'Wire',
}
