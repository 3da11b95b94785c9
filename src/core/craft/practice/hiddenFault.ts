import type { z } from 'zod'
import type { hiddenFaultSchema } from './hiddenFaultSchema'

export type HiddenFault = z.infer<typeof hiddenFaultSchema>
export type HiddenFaultKind = HiddenFault['kind']
export const hiddenFaultKinds = ['swap', 'open', 'short', 'high-resistance', 'intermittent'] as const

/** The contacts that a fault is at. */
export const termsOfFault = (fault: HiddenFault): readonly string[] => ('terms' in fault ? fault.terms : [fault.term])
