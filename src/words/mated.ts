import type { MatedCavity, PairFault } from '@/core/record/plan/matedPair'

/** What is odd where two wires meet. */
export const oddWords: Readonly<Record<NonNullable<MatedCavity['odd']>, string>> = {
  'one-side-only': 'meets nothing',
  'signals-differ': 'other signal',
  'colours-differ': 'other colour',
  'not-there': 'no such cavity in the other half',
}

/** Why two halves do not go together. */
export function pairFaultWords(fault: PairFault): string {
  switch (fault.kind) {
    case 'no-housing':
      return `End ${fault.end} has no housing among the job’s facts.`
    case 'same-role':
      return `Both halves are ${fault.role}s: they do not mate.`
    case 'not-made-for':
      return `${fault.a} is not made to mate with ${fault.b}.`
    case 'keying-differs':
      return `Keyings differ: ${fault.a ?? 'none chosen'} and ${fault.b ?? 'none chosen'}.`
  }
}
