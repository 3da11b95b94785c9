import clsx from 'clsx'
import { useState } from 'react'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { mm, range } from '@/words/figures'
import { familySmallPartsWords as texts } from '@/words/screens/shelf/familySmallParts'
import { sheetTitles } from '@/words/sheets'
import type { EditorHand } from './editorHand'
import { FamilySheet } from './FamilySheet'
import styles from './FamilyEditor.module.css'

/** Wire seals, drawn in the bores that they fill, and every other small part that belongs to the family. */
export function SmallPartsStep({ hand }: { readonly hand: EditorHand }) {
  const { seals, sizes } = hand.reading.soFar
  const [at, setAt] = useState(0)
  const said = hand.draft.sheets.seals[at]?.id?.trim()
  const seal = seals.find((one) => one.id === said) ?? seals[0]
  const fills = seal
    ? sizes.filter((size) => size.boreMm !== undefined && Math.abs(size.boreMm - seal.boreMm) < 0.11)
    : []
  return (
    <>
      <div className={clsx(paneCss.work, styles.middle)}>
        <h3 className={textCss.cardTitle}>{sheetTitles.seals}</h3>
        <FamilySheet hand={hand} sheet="seals" onRow={setAt} />
        <h3 className={textCss.cardTitle}>{sheetTitles.parts}</h3>
        <FamilySheet hand={hand} sheet="parts" fills />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard, styles.aside)} aria-label={texts.about}>
        <h3 className={textCss.cardTitle}>{seal?.id ?? texts.about}</h3>
        {seal && seal.lengthMm > 0 && (
          <>
            <svg
              className={styles.seal}
              viewBox={`${String(-1)} ${String(-seal.boreMm / 2 - 1.4)} ${String(seal.lengthMm + 2)} ${String(seal.boreMm + 2.8)}`}
              role="img"
              aria-label={texts.sealDrawn(seal.id)}
            >
              <path
                d={`M-1 ${String(-seal.boreMm / 2)}H${String(seal.lengthMm + 1)}M-1 ${String(seal.boreMm / 2)}H${String(seal.lengthMm + 1)}`}
                stroke="var(--ink)"
                strokeWidth={0.12}
              />
              <rect
                x={0}
                y={-seal.boreMm / 2}
                width={seal.lengthMm}
                height={seal.boreMm}
                fill="var(--terracotta-wash)"
                stroke="var(--terracotta)"
                strokeWidth={0.1}
              />
              <rect
                x={-1}
                y={-(seal.insulation.minMm + seal.insulation.maxMm) / 4}
                width={seal.lengthMm + 2}
                height={(seal.insulation.minMm + seal.insulation.maxMm) / 2}
                fill="var(--slip)"
                stroke="var(--ink)"
                strokeWidth={0.1}
              />
            </svg>
            <p>{texts.holds(range(seal.insulation.minMm, seal.insulation.maxMm), mm(seal.boreMm))}</p>
            <p className={fills.length > 0 ? textCss.good : textCss.caution}>
              {fills.length > 0 ? texts.fillsBores(fills.map((size) => size.id)) : texts.fillsNone}
            </p>
          </>
        )}
        <p>{texts.whatForParts}</p>
        <p className={textCss.dim}>{texts.namedByHousings}</p>
      </aside>
    </>
  )
}
