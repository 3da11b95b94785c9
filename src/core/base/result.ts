/** An expected outcome as a value: either the answer, or a fault with its code and figures. */
export type Result<T, F> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: F }

export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value })
export const fail = <F>(fault: F): { readonly ok: false; readonly fault: F } => ({ ok: false, fault })
