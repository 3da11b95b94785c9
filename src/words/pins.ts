import type { PinSaid } from '@/core/base/pinSaid'
import { plural } from './figures'

/** What came of a PIN that was tried. */
export function pinWords(said: PinSaid): string {
  switch (said.kind) {
    case 'wrong':
      return `That is not their PIN: ${plural(said.triesLeft, 'try', 'tries')} left.`
    case 'locked':
      return `Too many wrong PINs: none is tried until ${said.until}. A lead can set it anew.`
    case 'none':
      return 'They have no PIN yet: set one at Today, under who works here.'
    case 'asked':
      return 'They sign with a PIN: type it.'
    case 'unfit':
      return 'A PIN has 4 to 40 signs and no spaces.'
    case 'not-lead':
      return 'Only a lead with a PIN of their own sets another one’s anew.'
  }
}
