import { figure } from '@/words/figures'

/** What `CrimpReadouts` says. */
export const crimpReadoutsWords = {
  toStop: 'to the stop',
  opens: (mm: number) => `${figure(mm, 2)} mm`,
  cardSays: (wireStopMm: number) => `card says ${figure(wireStopMm, 1)}`,
  now: 'Now',
  strip: 'Strip',
  wire: 'Wire',
}
