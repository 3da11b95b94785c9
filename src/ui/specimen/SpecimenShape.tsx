import { specimenBody } from '@/core/craft/specimen/specimenBody'
import { ClosedBarrel } from './ClosedBarrel'
import { OpenBarrel } from './OpenBarrel'
import { SleeveBarrel } from './SleeveBarrel'
import { specimenLayout, type SpecimenPiece } from './specimenModel'

/** A terminal with its wire, as a part of a drawing in mm: front at 0, its axis at height 0. */
export function SpecimenShape({ piece }: { readonly piece: SpecimenPiece }) {
  const layout = specimenLayout(piece)
  const body = specimenBody(piece.made.contact)
  return (
    <>
      <defs>
        <linearGradient id="metal" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor="var(--metal-0)" />
          <stop offset=".45" stopColor="var(--metal-1)" />
          <stop offset="1" stopColor="var(--metal-2)" />
        </linearGradient>
        <pattern id="strands" width=".5" height=".5" patternTransform="rotate(24)" patternUnits="userSpaceOnUse">
          <rect width=".5" height=".5" fill="var(--copper)" />
          <path d="M0 0h.5" stroke="var(--copper-line)" strokeWidth=".1" />
        </pattern>
      </defs>
      {body.kind === 'closed' && <ClosedBarrel piece={piece} layout={layout} body={body} />}
      {body.kind === 'open' && <OpenBarrel piece={piece} layout={layout} body={body} />}
      {body.kind === 'sleeve' && <SleeveBarrel piece={piece} layout={layout} body={body} />}
    </>
  )
}
