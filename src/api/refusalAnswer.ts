import type { Refusal } from '@/core/record/journal/entryKind'

/** What the inside tells apart by its `kind`, the open interface calls by a `code`. */
export const coded = <Kind extends string, Rest extends { readonly kind: Kind }>({
  kind,
  ...rest
}: Rest): Omit<Rest, 'kind'> & { readonly code: Kind } => ({ ...rest, code: kind })

/** A refusal as the open interface says it: its code, and the figures that it rests on. */
export function refusalAnswer(refusal: Refusal): { readonly code: string } & Readonly<Record<string, unknown>> {
  if (refusal.kind === 'not-this-one') return { code: refusal.kind, kind: refusal.of }
  if (refusal.kind !== 'strip-outside') return coded(refusal)
  const { limit, ...verdict } = refusal.verdict
  return { ...coded(refusal), verdict: { ...verdict, code: limit } }
}
