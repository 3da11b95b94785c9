import { specimenDrawingWords as words } from '@/words/screens/specimen/specimenDrawing'
import styles from './SpecimenDrawing.module.css'
import { specimenBody } from '@/core/craft/specimen/specimenBody'
import { defectWords } from '@/words/crimp'
import { memo } from 'react'
import { SpecimenShape } from './SpecimenShape'
import { specimenLayout, type SpecimenPiece } from './specimenModel'

/** A terminal from the side, to scale where its sheet has the dimensions: as it should be, or with the fault that was reported. */
export const SpecimenDrawing = memo(function SpecimenDrawing({
  piece,
  bare = false,
  wordless = false,
}: {
  readonly piece: SpecimenPiece
  /** small beside others: no words, no dimensions */ readonly bare?: boolean
  /** the contact alone matters: nothing is said of strip, gap or brush */ readonly wordless?: boolean
}) {
  const layout = specimenLayout(piece)
  const body = specimenBody(piece.made.contact)
  // small beside others: only the barrel and what lies on either side of it
  const left = bare ? layout.bottomMm - 3.5 : -1
  const width = bare ? layout.lengthMm - left + 2.5 : layout.wireToMm + 2
  const halfHeight = bare ? Math.max(2.6, piece.made.insulationMm / 2 + 1.6) : 7.2
  const name = `${piece.made.contact.name}, ${piece.defect ? defectWords[piece.defect] : words.asItShouldBe}`
  return (
    <svg
      className={bare || wordless ? styles.specimenBare : undefined}
      viewBox={`${left} ${-halfHeight} ${width} ${halfHeight * 2}`}
      role="img"
      aria-label={name}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMid meet"
    >
      <SpecimenShape piece={piece} />
      {!body.toScale && !bare && (
        <text
          x={left + width - 0.4}
          y={halfHeight - 0.5}
          textAnchor="end"
          fontSize=".8"
          fill="var(--dim)"
          style={{ fontFamily: 'var(--sans)' }}
        >
          {words.proportionsOnlyNotAll}
        </text>
      )}
    </svg>
  )
})
