import styles from './SpecimenDrawing.module.css'
import { specimenLayout, type SpecimenPiece } from './specimenModel'
import { SpecimenShape } from './SpecimenShape'

/** How a piece should be, as large as it is in a picture beside it: so many mm across the whole drawing. */
export function SpecimenToScale({
  piece,
  widthMm,
  heightMm,
  name,
}: {
  readonly piece: SpecimenPiece
  readonly widthMm: number
  readonly heightMm: number
  readonly name: string
}) {
  const { bottomMm, lengthMm } = specimenLayout(piece)
  const middleMm = (bottomMm + lengthMm) / 2
  return (
    <svg
      className={styles.specimenBare}
      viewBox={`${middleMm - widthMm / 2} ${-heightMm / 2} ${widthMm} ${heightMm}`}
      role="img"
      aria-label={name}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMid meet"
    >
      <SpecimenShape piece={piece} />
    </svg>
  )
}
