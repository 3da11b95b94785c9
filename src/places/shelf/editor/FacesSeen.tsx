import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useMemo } from 'react'
import type { FaceView } from '@/core/base/face/place'
import type { Housing, HousingInput } from '@/core/parts/catalogue/types'
import type { HousingDraft } from '@/core/parts/sheets/housingDraft'
import { meetingOf } from '@/core/parts/sheets/housingMate'
import { type FaceCavity, FaceDrawing } from '@/ui/face/FaceDrawing'
import { type Lens, wholeFace } from '@/ui/face/faceGeometry'
import { useFaceView } from '@/ui/face/FacePanel'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { plural } from '@/words/figures'
import { facePanelWords as faceWords } from '@/words/screens/face/facePanel'
import { familyHousingWords as texts } from '@/words/screens/shelf/familyHousing'
import { placedSoFar, readSoFar } from './housingSoFar'
import styles from './FacesSeen.module.css'

const NOTHING_IN: ReadonlyMap<string, FaceCavity> = new Map()

/** As large for both halves: one scale for what is put together. */
function sharedLens(one: Housing, other: Housing | undefined): Lens {
  const view: FaceView = { side: 'wire', turnDeg: 0 }
  const boxes = [one, ...(other ? [other] : [])].map((housing) => wholeFace(housing, view))
  const [width, height] = [Math.max(...boxes.map((box) => box.width)), Math.max(...boxes.map((box) => box.height))]
  return { left: -width / 2, top: -height / 2, width, height }
}

/** A housing and its other half, side by side to one scale, as their figures draw them; one key flips both. */
export function FacesSeen({
  draft,
  mate,
  row,
  keying,
}: {
  readonly draft: HousingDraft
  readonly mate: HousingDraft | undefined
  /** the row of the table in hand, from 0: its cavities stand out */
  readonly row: number
  readonly keying: string | undefined
}) {
  const face = useFaceView('shelf', draft.id, 'wire')
  const [read, other] = [readSoFar(draft), mate && readSoFar(mate)]
  const [housing, opposite] = [placedSoFar(draft), mate && placedSoFar(mate)]
  const { side } = face.view
  useKeys([{ key: 'f', words: faceWords.flipFace, run: face.flip }])
  const inHand = useMemo(
    () =>
      new Map(
        (housing?.cavities ?? []).flatMap((cavity): [string, FaceCavity][] =>
          (draft.arrangement === 'free' ? cavity.id === draft.cavities[row]?.id : cavity.row === row)
            ? [[cavity.id, { look: 'planned', words: texts.inThisRow }]]
            : [],
        ),
      ),
    [housing, row, draft.arrangement, draft.cavities],
  )
  if (!housing)
    return (
      <p className={clsx(noteCss.note, noteCss.attend)} role="status">
        {texts.itIsDrawnAs}
      </p>
    )
  const lens = sharedLens(housing, opposite)
  const sides: readonly (readonly [HousingDraft, Housing, FaceView['side']])[] = [
    [draft, housing, side],
    // the other half from the side that shows each cavity where this one has its own
    ...(mate && opposite ? [[mate, opposite, side === 'wire' ? 'mating' : 'wire'] as const] : []),
  ]
  return (
    <section className={clsx(paneCss.panel, styles.faces)} aria-label={texts.faces}>
      <div className={paneCss.panelHead}>
        <span>{opposite ? texts.bothToScale : texts.toScale}</span>
        <span className={paneCss.caption}>
          <span data-testid="face-side">{side === 'wire' ? faceWords.wireFace : faceWords.matingFace}</span>
          <Button variant="subtle" onClick={face.flip}>
            <Kbd>F</Kbd> {opposite ? texts.flipsBoth : faceWords.flip}
          </Button>
        </span>
      </div>
      <div className={styles.sides}>
        {sides.map(([of, half, from]) => {
          const isThis = of === draft
          const words = from === 'wire' ? faceWords.wireFace : faceWords.matingFace
          return (
            <figure key={isThis ? 'this' : 'mate'} className={styles.side} aria-label={faceWords.faceOf(half.name)}>
              <FaceDrawing
                housing={half}
                keying={keying}
                view={{ side: from, turnDeg: 0 }}
                cavities={isThis ? inHand : NOTHING_IN}
                title={`${half.name}, ${words.toLowerCase()}`}
                lens={lens}
              />
              <figcaption>
                <b className={textCss.mono}>{of.id || of.name || texts.noNumberYet}</b> {half.role},{' '}
                {words.toLowerCase()}
                {isThis && (
                  <span className={textCss.dim}>
                    {' '}
                    {plural(half.cavities.length, 'way')}: {idsWords(half)}
                  </span>
                )}
              </figcaption>
            </figure>
          )
        })}
      </div>
      {read && other && <Met one={read} other={other} />}
    </section>
  )
}

const SHOWN = 24
const idsWords = ({ cavities }: Housing) =>
  `${cavities
    .slice(0, SHOWN)
    .map((cavity) => cavity.id)
    .join(' ')}${cavities.length > SHOWN ? ' …' : ''}`

/** How two halves meet, cavity by cavity. */
function Met({ one, other }: { readonly one: HousingInput; readonly other: HousingInput }) {
  const meeting = meetingOf(one, other)
  if (!meeting) return null
  const { meet, miss, alone, keyless } = meeting
  const good = miss.length === 0 && alone.length === 0
  return (
    <div role="status" className={styles.met} aria-label={texts.howTheyMeet}>
      <p className={good ? textCss.good : textCss.fault}>
        {good ? '✓ ' : '▲ '}
        {good ? texts.allMeet(meet.length, other.id) : texts.someMiss(miss, alone, other.id)}
      </p>
      {keyless && <p className={textCss.caution}>◆ {texts.keyless}</p>}
    </div>
  )
}
