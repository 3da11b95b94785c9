import { fail, ok, type Result } from '@/core/base/result'

/** A connector of a harness that somebody brings. */
export interface BroughtHalf {
  readonly id: string
  readonly name: string
  readonly cavities: readonly string[]
}

/** Which cavity leads to which, a line each, as long as both have one of the place. */
export const straightThrough = (a: BroughtHalf, b: BroughtHalf | undefined): string =>
  a.cavities
    .flatMap((cavity, i) => (b ? (b.cavities[i] === undefined ? [] : [`${cavity} ${b.cavities[i]}`]) : [cavity]))
    .join('\n')

/**
 * The pinout of a harness of which only its connectors are known, a row a wire; the far end stays open where nobody can name it.
 * @param lines cavity of A, cavity of B, and the colour where it is known: `1 1 RD`
 */
export function faultPinout(
  a: BroughtHalf,
  b: BroughtHalf | undefined,
  lines: string,
  wireType: string,
  lengthMm: number,
): Result<string, { readonly line: number; readonly said: string }> {
  const rows: string[] = []
  for (const [i, raw] of lines.split('\n').entries()) {
    const said = raw.trim()
    if (said === '') continue
    const [from = '', second = '', third = ''] = said.split(/[\s,;]+/)
    const [to, colour] = b ? [second, third] : ['', second]
    const isThere = a.cavities.includes(from) && (b === undefined || b.cavities.includes(to))
    if (!isThere) return fail({ line: i + 1, said })
    const far = b ? `B,${to},${b.id}` : ',,'
    rows.push(`W${String(rows.length + 1)},${wireType},${colour},A,${from},${a.id},${far},${String(lengthMm)} mm`)
  }
  return ok(
    ['wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length', ...rows].join('\n'),
  )
}
