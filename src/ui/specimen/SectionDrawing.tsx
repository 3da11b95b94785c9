import { sectionDrawingWords as words } from '@/words/screens/specimen/sectionDrawing'
import styles from './SectionDrawing.module.css'
import textCss from '@/ui/text/text.module.css'
import { crimpedSection } from '@/core/craft/specimen/section'
import { voidShareOf } from '@/core/craft/specimen/specimen'
import { figure } from '@/words/figures'

/** What a section needs: strands and metal, and how far they are pressed together. */
export interface SectionPiece {
  readonly strands: number
  readonly wireAreaMm2: number
  readonly barrelAreaMm2: number
  readonly widthMm: number
  readonly heightMm: number
  readonly compaction: number
  readonly verdict: 'sound' | 'loose' | 'tight'
}

/** The conductor crimp cut through, to scale: strands in the formed barrel, and how much stays open between them. */
export function SectionDrawing({ piece, label }: { readonly piece: SectionPiece; readonly label: string }) {
  const { compaction, verdict } = piece
  const section = crimpedSection({ ...piece, voidShare: voidShareOf(compaction) })
  const { widthMm, heightMm, inner } = section
  const sound = verdict === 'sound'
  const pad = 0.25
  return (
    <figure className={styles.section}>
      <svg
        viewBox={`${-widthMm / 2 - pad} ${-heightMm / 2 - pad} ${widthMm + pad * 2} ${heightMm + pad * 2}`}
        role="img"
        aria-label={words.sectionOfMetalBefore(words.verdict[verdict], compaction * 100, section.voidShare * 100)}
        preserveAspectRatio="xMidYMid meet"
      >
        <rect
          x={-widthMm / 2}
          y={-heightMm / 2}
          width={widthMm}
          height={heightMm}
          rx={heightMm * 0.22}
          fill="var(--metal-1)"
          stroke="var(--ink)"
          strokeWidth=".04"
        />
        <rect
          x={-inner.widthMm / 2}
          y={-inner.heightMm / 2}
          width={inner.widthMm}
          height={inner.heightMm}
          rx={heightMm * 0.08}
          fill="var(--void)"
        />
        {section.strands.map((strand) => (
          <rect
            key={`${strand.xMm} ${strand.yMm}`}
            x={strand.xMm - strand.widthMm / 2}
            y={-strand.yMm - strand.heightMm / 2}
            width={strand.widthMm}
            height={strand.heightMm}
            rx={strand.cornerMm}
            fill="var(--copper)"
            stroke="var(--copper-line)"
            strokeWidth=".012"
          />
        ))}
      </svg>
      <figcaption className={textCss.small}>
        {label} <b className={textCss.mono}>{figure(compaction * 100, 0)} %</b>{' '}
        <span className={sound ? textCss.good : textCss.fault}>
          {sound ? '✓' : '▲'} {words.verdict[verdict]}
        </span>{' '}
        <span className={textCss.dim}>{words.model}</span>
      </figcaption>
    </figure>
  )
}
