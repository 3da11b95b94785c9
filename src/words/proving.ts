import type { HoldTest } from '@/core/craft/crimp/holdTests'
import type { Movement } from '@/core/craft/wiggle/movements'
import { LOOSE } from '@/core/record/plan/nets'

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

/** What the hands do while the resistance is watched. */
export const movementWords: Readonly<Record<Movement, string>> = {
  all: 'all of it moved',
  'push-back': 'pushed back',
  bend: 'bent behind the connector',
  leg: 'moved along the leg',
}
