import { cavityMarkWords as texts } from '@/words/screens/face/cavityMark'
import { memo } from 'react'

/** What a cavity is, told by fill and glyph together, never by colour alone. */
export type CavityLook = 'empty' | 'seated' | 'proved' | 'plugged' | 'fault' | 'planned' | 'leaving'

/** One cavity of a face. It is drawn again only when something of itself changes: a selection that moves touches two of them. */
export const CavityMark = memo(function CavityMark({
  id,
  x,
  y,
  radius,
  look,
  words,
  isNext,
  hatch,
  role,
}: {
  readonly id: string
  readonly x: number
  readonly y: number
  readonly radius: number
  readonly look: CavityLook
  readonly words: string
  readonly isNext: boolean
  readonly hatch: string
  readonly role: 'button' | 'img'
}) {
  return (
    <g
      data-cavity={id}
      transform={`translate(${x} ${y})`}
      role={role}
      tabIndex={role === 'button' ? -1 : undefined}
      aria-label={texts.next(id, words, isNext)}
      style={role === 'button' ? { cursor: 'pointer' } : undefined}
    >
      <title>{`${id}: ${words}`}</title>
      <CavityShape look={look} radius={radius} hatch={hatch} id={id} />
      {isNext && <circle r={radius + 0.55} fill="none" stroke="var(--glaze)" strokeWidth="0.6" />}
      {isNext && <path d={`M-0.8 ${-radius - 2.1}h1.6l-0.8 1.1z`} fill="var(--glaze)" />}
    </g>
  )
})

function CavityShape({
  look,
  radius,
  hatch,
  id,
}: {
  readonly look: CavityLook
  readonly radius: number
  readonly hatch: string
  readonly id: string
}) {
  const solid = look === 'seated' || look === 'proved' || look === 'leaving'
  const size = id.length > 2 ? radius * 0.72 : radius * 0.95
  const fill = solid ? 'var(--ink)' : look === 'plugged' ? `url(#${hatch})` : 'var(--bisque)'
  return (
    <>
      <circle
        r={radius}
        fill={fill}
        stroke={look === 'fault' ? 'var(--oxblood)' : 'var(--ink)'}
        strokeWidth="0.22"
        strokeDasharray={look === 'planned' ? '0.5 0.4' : undefined}
      />
      {look === 'plugged' && <circle r={radius * 0.68} fill="var(--bisque)" />}
      {look === 'fault' && (
        <path d={`M0 ${-radius * 1.25}L${radius * 0.55} ${-radius * 0.45}H${-radius * 0.55}Z`} fill="var(--oxblood)" />
      )}
      <text
        textAnchor="middle"
        dominantBaseline="central"
        fontSize={size}
        y={look === 'proved' ? -radius * 0.2 : look === 'fault' ? radius * 0.2 : 0}
        fill={solid ? 'var(--bisque)' : 'var(--ink)'}
        style={{ fontFamily: 'var(--mono)', fontWeight: 600 }}
      >
        {id}
      </text>
      {look === 'leaving' && (
        <path
          d={`M${radius * 0.5} ${-radius * 0.5}L${radius * 1.2} ${-radius * 1.2}M${radius * 0.72} ${-radius * 1.2}H${radius * 1.2}V${-radius * 0.72}`}
          fill="none"
          stroke="var(--terracotta)"
          strokeWidth="0.34"
          strokeLinecap="round"
        />
      )}
      {look === 'proved' && (
        <path
          d={`M${-radius * 0.32} ${radius * 0.52}l${radius * 0.22} ${radius * 0.22}l${radius * 0.42} ${-radius * 0.4}`}
          fill="none"
          stroke="var(--bisque)"
          strokeWidth="0.26"
        />
      )}
    </>
  )
}
