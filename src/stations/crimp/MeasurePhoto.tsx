'use client'
import clsx from 'clsx'
import { useMemo, useState } from 'react'
import { overlayByMeasured, overlayBySize } from '@/core/craft/photo/photoOverlay'
import type { PhotoQuestion } from '@/core/craft/photo/photoQuestions'
import type { Photo } from '@/core/record/state/records'
import type { QueueItem } from '@/core/views/queue'
import { Segments } from '@/ui/choice/Segments'
import { useClock } from '@/ui/frame/Clock'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { specimenOf } from '@/ui/job/specimenOf'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { PhotoPoints } from '@/ui/photo/PhotoPoints'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { specimenLayout } from '@/ui/specimen/specimenModel'
import { SpecimenToScale } from '@/ui/specimen/SpecimenToScale'
import textCss from '@/ui/text/text.module.css'
import { figure, lengthSaid } from '@/words/figures'
import { photoQuestionWords, photoVerdictWords } from '@/words/photoMeasure'
import { measurePhotoWords as words } from '@/words/screens/photo/measurePhoto'
import { termName } from '@/words/steps'
import { MeasureCard } from './MeasureCard'
import { usePhotoMeasure } from './usePhotoMeasure'
import styles from './MeasurePhoto.module.css'

/** How the drawing stands by the photo. */
type Shown = 'over' | 'beside' | 'alone'

/** One press of an arrow, px of the picture. */
const STEP_PX = 1
const arrows = [
  { key: 'ArrowLeft', dx: -STEP_PX, dy: 0 },
  { key: 'ArrowRight', dx: STEP_PX, dy: 0 },
  { key: 'ArrowUp', dx: 0, dy: -STEP_PX },
  { key: 'ArrowDown', dx: 0, dy: STEP_PX },
] as const

/** A length in a photo of a crimp: two points give the scale, two more the length, which goes into the look that asks for it. */
export function MeasurePhoto({
  item,
  photo,
  close,
  outside,
}: {
  readonly item: QueueItem
  readonly photo: Photo
  /** @param seen the look that it answers */
  readonly close: (seen?: PhotoQuestion['look']) => void
  /** it lies outside of its window: that is a fault at its look */
  readonly outside: (question: PhotoQuestion, side: 'below' | 'above') => void
}) {
  const clock = useClock()
  const { state } = useJob()
  const busy = useBusy()
  const measure = usePhotoMeasure(item, photo)
  const { form, move, reading } = measure
  const { question, size, found, measured, verdict, nextPoint } = reading
  const [shown, show] = useState<Shown>('alone')
  const use = () => {
    if (nextPoint !== undefined) move({ kind: 'point-chosen', point: nextPoint })
    else if (measured && question && !busy)
      void measure.keep().then((written) => {
        if (!written) return
        if (verdict?.kind === 'below' || verdict?.kind === 'above') outside(question, verdict.kind)
        else close(verdict?.kind === 'inside' ? question.look : undefined)
      })
  }
  const name = question ? photoQuestionWords[question.id].name : ''
  useKeys([
    { key: ' ', words: words.use(name), run: use },
    { key: 'Escape', words: words.doNotUse, run: () => close() },
    ...form.points.map((_, point) => ({
      key: String(point + 1),
      words: point === 0 ? words.movePoint : '',
      run: () => move({ kind: 'point-chosen', point }),
    })),
    ...arrows.map(({ key, dx, dy }) => ({ key, words: '', run: () => move({ kind: 'point-nudged', dx, dy }) })),
  ])
  const { wire, key } = item.termination
  const piece = useMemo(() => specimenOf(state.facts, wire, item.set, { crimped: true }), [state.facts, wire, item.set])
  const lies = size?.along
    ? overlayBySize(form.points, size.along)
    : piece &&
      question &&
      measured &&
      overlayByMeasured(form.points, question.id, measured.mmPerPx, specimenLayout(piece))
  const title = words.photoOf(termName(key, state.plan.quantity), clock.dayTime(photo.at))
  const isGood = verdict?.kind === 'inside'
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout
            label={words.length(name)}
            {...(measured ? lengthSaid(measured.mm, 2) : { value: '–' })}
            also={
              verdict && (
                <span className={isGood ? textCss.good : textCss.fault}>
                  {isGood ? '✓' : verdict.kind === 'no-window' ? '○' : '▲'} {photoVerdictWords(verdict)}
                </span>
              )
            }
            wide
            huge
          />
          {question?.window && (
            <Readout
              label={words.mayBe}
              value={`${figure(question.window.minMm, 1)}–${figure(question.window.maxMm, 1)}`}
              wide
            />
          )}
          {measured && (
            <Readout label={words.goodTo} value={`±${figure(measured.goodToMm, 2)}`} also={words.takenSquare} />
          )}
        </Readouts>
        <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={title}>
          <div className={paneCss.panelHead}>
            <span>{title}</span>
            <span className={paneCss.caption}>
              {measured ? words.scaleMark(figure(measured.mmPerPx * STEP_PX, 3)) : words.noScale}
            </span>
          </div>
          <div className={styles.photo}>
            <PhotoPoints
              src={`/api/photos/${photo.photo}`}
              widthPx={photo.widthPx}
              heightPx={photo.heightPx}
              points={form.points}
              chosen={form.chosen}
              over={shown === 'over' && piece && lies ? { piece, lies } : undefined}
              name={title}
              move={(point, to) => move({ kind: 'point-put', point, to })}
              choose={(point) => move({ kind: 'point-chosen', point })}
            />
            {shown === 'beside' &&
              piece &&
              (found?.kind === 'measured' && form.placed.includes(0) && form.placed.includes(1) ? (
                <SpecimenToScale
                  piece={piece}
                  widthMm={photo.widthPx * found.mmPerPx}
                  heightMm={photo.heightPx * found.mmPerPx}
                  name={words.asItShouldBe}
                />
              ) : (
                <p className={textCss.dim}>{words.scaleFirst}</p>
              ))}
          </div>
          <div className={styles.foot}>
            {/* below the photo: it stays as large as it is while points are put */}
            {shown === 'over' && !lies && <p className={textCss.dim}>{words.pointsFirst}</p>}
            <Segments<Shown>
              label={words.shown}
              value={shown}
              of={[
                ['alone', words.alone],
                ['beside', words.beside],
                ['over', words.over],
              ]}
              pick={show}
            />
          </div>
        </section>
      </div>
      <MeasureCard measure={measure} name={name} busy={busy} use={use} close={() => close()} />
    </>
  )
}
