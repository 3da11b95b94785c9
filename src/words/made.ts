import type { Refusal } from '@/core/record/journal/entryKind'
import { forkedWords } from './records'
import { refusalWords } from './refusals'

/** Why a job was not made. */
export const createFaultWords = (
  fault:
    | { readonly kind: 'refused'; readonly refusal: Refusal }
    | { readonly kind: 'forked'; readonly job: string; readonly seq: number },
): string => (fault.kind === 'forked' ? forkedWords(fault.job, fault.seq) : refusalWords(fault.refusal))
