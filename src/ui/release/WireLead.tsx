import { parseColour, wireColours } from '@/core/base/wire/colour'

/** The wire behind a contact or terminal, in its colour, from its place to beyond the edge of the picture. */
export function WireLead({ fromMm, colour }: { readonly fromMm: number; readonly colour: string }) {
  const parsed = parseColour(colour)
  const fill = parsed ? wireColours[parsed.base].tint : 'var(--bisque)'
  return (
    <>
      <rect x={fromMm} y={-1.15} width={46} height={2.3} fill={fill} stroke="var(--ink)" strokeWidth={0.16} />
      {parsed?.stripe && <rect x={fromMm} y={-0.35} width={46} height={0.7} fill={wireColours[parsed.stripe].tint} />}
    </>
  )
}
