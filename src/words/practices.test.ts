import { expect, test } from 'vitest'
import type { SetupPart } from '@/core/craft/crimp/setupPart'
import { rootCureWords } from './practices'

test.each<[SetupPart, { toMm?: number; named?: string }, string]>([
  ['strip-stop', { toMm: 3.7 }, 'Stripper’s stop to 3.7 mm'],
  ['wire-stop', { toMm: 3.6 }, 'Wire stop to 3.6 mm'],
  ['die', { named: 'D2' }, 'Set D2 in again'],
  ['nest', { named: 'N3' }, 'Nest N3'],
  // which opening is the next is on the stripper
  ['notch', {}, 'Stripper notch one larger'],
  ['frame', {}, 'Clean and gauge the frame'],
])('the cure at the %s says what the hand does', (part, { toMm, named }, said) => {
  const entry = {
    kind: 'setup-adjusted' as const,
    setup: 's',
    part,
    why: 'bent' as const,
    ...(toMm !== undefined && { toMm }),
  }
  expect(rootCureWords({ named, entry })).toBe(said)
})
