import { figure, mm } from '@/words/figures'

/** What `CrimpReadouts` says. */
export const crimpReadoutsWords = {
  toStop: 'to the stop',
  opens: (opensMm: number) => mm(opensMm),
  cardSays: (wireStopMm: number) => `card says ${figure(wireStopMm, 1)}`,
  now: 'Now',
  strip: 'Strip',
  wire: 'Wire',
}
