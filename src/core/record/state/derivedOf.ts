import { derived } from '../../base/derived/derived'
import type { JobState } from './state'

/**
 * A question about a job whose answer is kept until an entry writes what it was made of: on a job of a thousand wires an
 * entry costs what it touches. All versions of one job share their maps, so what is kept goes with them.
 */
export const derivedOf = <A extends readonly (string | number)[], T>(
  compute: (state: JobState, ...args: A) => T,
): ((state: JobState, ...args: A) => T) => derived((state) => state.terms, compute)
