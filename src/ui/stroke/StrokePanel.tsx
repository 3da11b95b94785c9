import clsx from 'clsx'
import { useReducer } from 'react'
import { specimenBody } from '@/core/craft/specimen/specimenBody'
import type { StrokeFigures } from '@/core/craft/stroke/strokeFigures'
import { strokeAt, strokeMoves, type StrokeLine, type StrokeLineId } from '@/core/craft/stroke/strokeRoutine'
import { strokePanelWords as words } from '@/words/screens/stroke/strokePanel'
import { strokeLineWords } from '@/words/stroke'
import paneCss from '../pane/pane.module.css'
import { PlayAgain } from '../motion/PlayAgain'
import { useShare } from '../motion/useShare'
import type { SpecimenPiece } from '../specimen/specimenModel'
import pictureCss from '../specimen/pictures.module.css'
import textCss from '../text/text.module.css'
import { StrokeDrawing } from './StrokeDrawing'
import styles from './StrokePanel.module.css'

/** The stroke in pictures: the line that is due large and moving, all of them in a row below. */
export function StrokePanel({
  piece,
  lines,
  figures,
  due,
  ticked,
  holder,
  tool,
}: {
  readonly piece: SpecimenPiece
  readonly lines: readonly StrokeLine[]
  readonly figures: StrokeFigures
  /** the line that the hand is at; all of them are answered at once where it is `all`, and run one after the other */
  readonly due: StrokeLineId | 'all' | undefined
  readonly ticked: (line: StrokeLineId) => boolean
  /** a positioner holds the contact */
  readonly holder: boolean
  /** what is in hand, in words */
  readonly tool: string
}) {
  const [again, showAgain] = useReducer((times: number) => times + 1, 0)
  const runs = due === 'all'
  const shareOfRun = useShare(`stroke ${tool} ${due ?? ''}`, due !== undefined, again, runs)
  const dueAt = Math.max(
    0,
    lines.findIndex(({ id }) => id === due),
  )
  const at = runs ? Math.min(lines.length - 1, Math.floor(shareOfRun * lines.length)) : dueAt
  const share = runs ? Math.min(1, shareOfRun * lines.length - at) : shareOfRun
  const wordsOf = (line: StrokeLine) => strokeLineWords[line.id](figures)
  const line = lines[at]
  if (!line) return null
  return (
    <>
      <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.stroke}>
        <div className={paneCss.panelHead}>
          <span>{words.made(piece.made.contact.name, tool)}</span>
          <span className={paneCss.caption}>
            {words.fromSide}, {specimenBody(piece.made.contact).toScale ? words.toScale : words.notToScale}
          </span>
        </div>
        <div className={styles.drawing}>
          <StrokeDrawing
            piece={piece}
            scene={strokeAt(lines, at, share)}
            moves={strokeMoves(lines, at)}
            figures={figures}
            holder={holder}
            name={wordsOf(line).line}
          />
          {wordsOf(line).hint !== undefined && <p className={styles.hint}>{wordsOf(line).hint}</p>}
          <PlayAgain again={showAgain} />
        </div>
      </section>
      <div className={pictureCss.pictures} role="group" aria-label={words.pictures}>
        {lines.map((one, i) => {
          const isTicked = ticked(one.id)
          const isDue = one.id === due
          return (
            <figure key={one.id} className={clsx(pictureCss.picture, styles.line)} data-due={isDue}>
              <StrokeDrawing
                piece={piece}
                scene={strokeAt(lines, i, one.stillAt ?? 1)}
                moves={strokeMoves(lines, i)}
                figures={figures}
                holder={holder}
                name={wordsOf(one).short}
                small
              />
              <figcaption>
                <span aria-hidden="true" className={isTicked ? textCss.good : isDue ? textCss.act : textCss.dim}>
                  {isTicked ? '✓' : isDue ? '▸' : '○'}
                </span>
                <span>{wordsOf(one).short}</span>
              </figcaption>
            </figure>
          )
        })}
      </div>
    </>
  )
}
