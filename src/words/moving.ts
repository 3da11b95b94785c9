import type { HiddenFaultKind } from '@/core/craft/practice/hiddenFault'
import type { Movement } from '@/core/craft/wiggle/movements'

/** What the hands do while the resistance is watched. */
export const movementWords: Readonly<Record<Movement, string>> = {
  all: 'all of it moved',
  'push-back': 'pushed back',
  bend: 'bent behind the connector',
  leg: 'moved along the leg',
}

/** What can be hidden in the stand-in. */
export const hiddenFaultWords: Readonly<Record<HiddenFaultKind, string>> = {
  swap: 'two contacts changed places',
  open: 'open',
  short: 'two nets touch',
  'high-resistance': 'too much resistance',
  intermittent: 'open now and then',
}
