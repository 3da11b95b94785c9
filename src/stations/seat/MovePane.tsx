'use client'

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
  useKeys([{ key: 'Escape', words: 'Back to the task', run: close }])
  return (
    <>
      <div className={paneCss.work}>
        {ends.length > 1 && (
          <div className={styles.endPicks} role="group" aria-label="Face of">
            {ends.map((one) => (
              <Choice inline key={one} aria-pressed={one === end} onClick={() => setPicked(one)}>
                End {one}
              </Choice>
            ))}
          </div>
        )}
        {housing && before && after && wantedHousing && (
          <>
            <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label="As it is, with what moves">
              <div className={paneCss.sheetHead}>
                <span>
                  {housing.name}, end {end}: as it is
                </span>
                <span className={paneCss.caption}>WIRE FACE · → MOVES · ⇢ PUT ASIDE BETWEEN</span>
              </div>
              <div ref={drawing} className={paneCss.sheetBody} style={{ overflow: 'hidden', padding: '0 10px' }}>
                <FaceDrawing
                  housing={housing}
                  view={wireFace}
                  cavities={before}
                  moves={arrows}
                  title={`${housing.name}, as it is`}
                />
              </div>
            </section>
            <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label="As it is wanted">
              <div className={paneCss.sheetHead}>
                <span>
                  {wantedHousing.name}, end {wantedEnd}: as it is wanted, rev {state.plan.rev}
                </span>
                <span className={paneCss.caption}>WIRE FACE</span>
              </div>
              <div className={paneCss.sheetBody} style={{ overflow: 'hidden', padding: '0 10px' }}>
                <FaceDrawing
                  housing={wantedHousing}
                  view={wireFace}
                  cavities={after}
                  title={`${wantedHousing.name}, as it is wanted`}
                />
              </div>
            </section>
          </>
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="Move plan">
        <h2 className={textCss.cardTitle}>{steps.length} steps from here</h2>
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
          <span>Move plan as PDF</span>
        </Button>
        <Button
          onClick={() =>
            drawing.current &&
            saveDrawing(drawing.current, `${fileStem(state.plan.title, 'job')}-${end ?? ''}-moves.svg`)
          }
        >
          <span>This face as SVG</span>
        </Button>
        <Button variant="filled" onClick={close}>
          <span>Go on with the first step</span> <Kbd aria-hidden="true">Esc</Kbd>
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
