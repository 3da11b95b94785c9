'use client'

import { movePaneWords as words } from '@/words/screens/seat/movePane'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import styles from './MovePane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useMemo, useRef, useState } from 'react'
import { housingAt } from '@/core/record/standing/benchEnds'
import { type UnitMoves, endOf } from '@/core/work/rework/endMoves'
import { download, fileStem } from '@/ui/download'
import { type FaceCavity, FaceDrawing } from '@/ui/face/FaceDrawing'
import type { FaceMove } from '@/ui/face/FaceMoves'
import { withPaperColours } from '@/ui/face/paperColours'
import { faceState } from '@/ui/job/faceState'
import { useJob } from '@/ui/job/JobProvider'
import { movesOfEnd, wantedFace } from '@/ui/job/movesOfEnd'
import { useKeys } from '@/ui/keys/KeyProvider'
import { movePlanWords, moveStepWords } from '@/words/rework'
import { endKey } from '@/core/record/plan/keys'

const wireFace = { side: 'wire', turnDeg: 0 } as const

/** The whole move plan of a unit: its faces before and after, its steps, what it costs and why it cannot cost less. */
export function MovePane({
  unit,
  moves,
  close,
}: {
  readonly unit: number
  readonly moves: UnitMoves
  readonly close: () => void
}) {
  const { id, state } = useJob()
  const ends = useMemo(
    () => [...new Set(moves.plan.steps.flatMap((step) => ('place' in step ? [endOf(step.place)] : [])))],
    [moves],
  )
  const drawing = useRef<HTMLDivElement>(null)
  const [picked, setPicked] = useState<string>()
  const end = picked !== undefined && ends.includes(picked) ? picked : ends[0]
  const housing = end === undefined ? undefined : housingAt(state, unit, end)
  // what leaves a housing that is given up is wanted in the one that takes its place
  const wantedEnd = end === undefined ? undefined : (state.oldEnds.get(endKey(unit, end))?.end ?? end)
  const wantedHousing = wantedEnd === undefined ? undefined : housingAt(state, unit, wantedEnd)
  const after = useMemo(
    () => (wantedEnd !== undefined && wantedHousing ? wantedFace(state, unit, wantedEnd, wantedHousing) : undefined),
    [state, unit, wantedEnd, wantedHousing],
  )
  const arrows = useMemo(() => (end === undefined ? [] : movesOfEnd(moves, end)), [moves, end])
  const before = useMemo(
    () => (end !== undefined && housing ? asItIs(faceState(state, unit, end, housing), arrows) : undefined),
    [state, unit, end, housing, arrows],
  )
  const { steps } = moves.plan
  useKeys([{ key: 'Escape', words: words.backToTask, run: close }])
  return (
    <>
      <div className={paneCss.work}>
        {ends.length > 1 && (
          <div className={styles.endPicks} role="group" aria-label={words.faceOf}>
            {ends.map((one) => (
              <Choice inline key={one} aria-pressed={one === end} onClick={() => setPicked(one)}>
                {words.end(one)}
              </Choice>
            ))}
          </div>
        )}
        {housing && before && after && wantedHousing && (
          <>
            <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.asItIsWith}>
              <div className={paneCss.panelHead}>
                <span>
                  {words.endPicture(housing.name)} {end}
                  {words.asItIs}
                </span>
                <span className={paneCss.caption}>{words.wireFaceMovesPut}</span>
              </div>
              <div ref={drawing} className={clsx(paneCss.panelBody, styles.padded)}>
                <FaceDrawing
                  housing={housing}
                  view={wireFace}
                  cavities={before}
                  moves={arrows}
                  title={words.facePicture(housing.name)}
                />
              </div>
            </section>
            <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.asItIsWanted}>
              <div className={paneCss.panelHead}>
                <span>
                  {words.wantedEndPicture(wantedHousing.name)} {wantedEnd}
                  {words.asItIsWantedRev(state.plan.rev)}
                </span>
                <span className={paneCss.caption}>{words.wireFace}</span>
              </div>
              <div className={clsx(paneCss.panelBody, styles.padded)}>
                <FaceDrawing
                  housing={wantedHousing}
                  view={wireFace}
                  cavities={after}
                  title={words.wantedFacePicture(wantedHousing.name)}
                />
              </div>
            </section>
          </>
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.movePlan}>
        <h2 className={textCss.cardTitle}>{words.stepsFromHere(steps.length)}</h2>
        {movePlanWords(moves.plan).map((line) => (
          <p key={line} className={textCss.small}>
            {line}
          </p>
        ))}
        <ol className={paneCss.moveSteps}>
          {steps.map((step, i) => (
            <li key={`${step.do} ${'place' in step ? step.place : step.contact}`} data-next={i === 0}>
              {moveStepWords(step, state.plan)}
            </li>
          ))}
        </ol>
        <Button component="a" href={`/jobs/${id}/papers/move-plan.pdf`} download>
          <span>{words.movePlanAsPdf}</span>
        </Button>
        <Button
          onClick={() =>
            drawing.current &&
            saveDrawing(drawing.current, `${fileStem(state.plan.title, 'job')}-${end ?? ''}-moves.svg`)
          }
        >
          <span>{words.thisFaceAsSvg}</span>
        </Button>
        <Button variant="filled" onClick={close}>
          <span>{words.goOnWithFirst}</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
      </aside>
    </>
  )
}

/** The face now; what moves within it has its arrow, and needs no other sign. */
function asItIs(face: ReadonlyMap<string, FaceCavity>, arrows: readonly FaceMove[]): ReadonlyMap<string, FaceCavity> {
  const within = new Set(arrows.map((move) => move.from))
  return new Map([...face].map(([cavity, one]) => [cavity, within.has(cavity) ? { ...one, look: 'seated' } : one]))
}

/** The drawing as a file of its own, its colours written out. */
function saveDrawing(holder: HTMLElement, name: string): void {
  const svg = holder.querySelector('svg')
  if (svg)
    download(new Blob([withPaperColours(new XMLSerializer().serializeToString(svg))], { type: 'image/svg+xml' }), name)
}
