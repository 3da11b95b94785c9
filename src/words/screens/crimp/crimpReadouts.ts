import { lengthSaid, mm } from '@/words/figures'

/** What `CrimpReadouts` says. */
export const crimpReadoutsWords = {
  toStop: 'to the stop',
  bundle: (diameterMm: number) => `bundle ${lengthSaid(diameterMm, 2, 3).value}`,
  opens: (opensMm: number) => mm(opensMm),
  cardSays: (wireStopMm: number) => `card says ${lengthSaid(wireStopMm, 1).value}`,
  now: 'Now',
  strip: 'Strip',
  wire: 'Wire',
}
