'use client'
import styles from './FacePanel.module.css'
import { facePanelWords as texts } from '@/words/screens/face/facePanel'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import { useEffect, useState } from 'react'
import type { Housing } from '@/core/parts/catalogue/types'
import type { FaceView } from '@/core/base/face/place'
import { useKeys } from '../keys/KeyProvider'
import type { CavityLook } from './CavityMark'
import { FaceDrawing, type FaceCavity } from './FaceDrawing'
import type { OpensAt } from './faceGeometry'
import { useLens } from './useLens'

const legendWords: Readonly<Record<CavityLook, string>> = {
  empty: 'empty',
  planned: 'planned',
  seated: 'seated',
  proved: 'proved',
  plugged: 'plugged',
  fault: 'fault',
  leaving: 'leaves',
}
const legendGlyphs: Readonly<Record<CavityLook, string>> = {
  empty: '○',
  planned: '◌',
  seated: '●',
  proved: '✓',
  plugged: '▨',
  fault: '▲',
  leaving: '↗',
}

/** Which way an arrow pushes the lens, in parts of what it shows. */
const pushes = [
  { key: 'ArrowLeft', words: texts.magnifiedPartToLeft, right: -0.5, down: 0 },
  { key: 'ArrowRight', words: texts.magnifiedPartToRight, right: 0.5, down: 0 },
  { key: 'ArrowUp', words: texts.magnifiedPartUp, right: 0, down: -0.5 },
  { key: 'ArrowDown', words: texts.magnifiedPartDown, right: 0, down: 0.5 },
] as const

const turnKey = (jobId: string, end: string) => `urn-turn:${jobId}:${end}`

/**
 * The view of one end: the side at which the hands are, until F overrides it; the turn, which is remembered for each end.
 * @param handsAt the side that the step works at: a change of it flips the face by itself
 * @param step what the hands are at: F holds for that step only, so that the next one is never read from the wrong side
 */
export function useFaceView(
  jobId: string,
  end: string,
  handsAt: FaceView['side'],
  step = '',
): { readonly view: FaceView; readonly flip: () => void; readonly turn: () => void } {
  const [flippedAt, setFlippedAt] = useState<string>()
  const here = `${end} ${handsAt} ${step}`
  const flipped = flippedAt === here
  const [turnDeg, setTurn] = useState<FaceView['turnDeg']>(0)
  useEffect(() => {
    const kept = Number(localStorage.getItem(turnKey(jobId, end)) ?? 0)
    setTurn(kept === 90 || kept === 180 || kept === 270 ? kept : 0)
  }, [jobId, end])
  const other = handsAt === 'wire' ? 'mating' : 'wire'
  return {
    view: { side: flipped ? other : handsAt, turnDeg },
    flip: () => setFlippedAt(flipped ? undefined : here),
    turn: () => {
      const to = ((turnDeg + 90) % 360) as FaceView['turnDeg']
      localStorage.setItem(turnKey(jobId, end), String(to))
      setTurn(to)
    },
  }
}

/** A face in its sheet: named, always with the side you look at, flipped with F and turned with R. */
export function FacePanel({
  housing,
  keying,
  end,
  face,
  cavities,
  next,
  opensAt,
  onPick,
  onDropWire,
}: {
  readonly housing: Housing
  /** in which of its keyings it is drawn */
  readonly keying?: string | undefined
  /** the end that it is of, where it is part of a job */
  readonly end?: string
  readonly face: ReturnType<typeof useFaceView>
  readonly cavities: ReadonlyMap<string, FaceCavity>
  readonly next?: string | undefined
  /** its cover is opened by turns, this end first */
  readonly opensAt?: OpensAt | undefined
  readonly onPick?: ((cavity: string) => void) | undefined
  readonly onDropWire?: ((wire: string, cavity: string) => void) | undefined
}) {
  const { view, flip, turn } = face
  const { lens, toggle, push, drag } = useLens(housing, view, next)
  useKeys([
    { key: 'f', words: texts.flipFace, run: flip },
    { key: 'r', words: texts.turnFace, run: turn },
    { key: 'z', words: texts.magnifyFaceRoundNext, run: toggle },
    ...(lens ? pushes.map(({ key, words, right, down }) => ({ key, words, run: () => push(right, down) })) : []),
  ])
  const side = view.side === 'wire' ? texts.wireFace : texts.matingFace
  const looks = [...new Set([...cavities.values()].map((cavity) => cavity.look))]
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={texts.faceOf(end ?? housing.name)}>
      <div className={paneCss.panelHead}>
        <span>
          {housing.name}
          {end !== undefined && `, end ${end}`}
        </span>
        <span className={paneCss.caption}>
          <span data-testid="face-side">{side}</span>
          <Button variant="subtle" onClick={flip}>
            <Kbd>F</Kbd> {texts.flip}
          </Button>
          <Button variant="subtle" onClick={turn}>
            <Kbd>R</Kbd> {texts.turn(view.turnDeg > 0 ? ` ${view.turnDeg}°` : '')}
          </Button>
          <Button variant="subtle" aria-pressed={lens !== undefined} onClick={toggle}>
            <Kbd>Z</Kbd> {lens ? 'whole' : 'zoom'}
          </Button>
        </span>
      </div>
      <div
        className={paneCss.panelBody}
        style={{
          padding: '0 10px',
          overflow: 'hidden',
          ...(lens && { cursor: 'grab', userSelect: 'none', touchAction: 'none' }),
        }}
        {...drag}
      >
        <FaceDrawing
          housing={housing}
          keying={keying}
          view={view}
          cavities={cavities}
          next={next}
          opensAt={opensAt}
          onPick={onPick}
          onDropWire={onDropWire}
          lens={lens}
          title={`${housing.name}, ${side.toLowerCase()}`}
        />
      </div>
      <ul className={clsx(paneCss.panelHead, styles.signs)} aria-label={texts.signs}>
        {looks.map((look) => (
          <li key={look}>
            <span aria-hidden="true">{legendGlyphs[look]}</span> {legendWords[look]}
          </li>
        ))}
        {next !== undefined && (
          <li>
            <span aria-hidden="true" className={textCss.act}>
              ◎
            </span>{' '}
            {texts.next}
          </li>
        )}
      </ul>
    </section>
  )
}
