'use client'
import { useEffect, useState } from 'react'
import type { Housing } from '@/core/catalogue/types'
import type { FaceView } from '@/core/face/place'
import { useKeys } from '../keys/KeyProvider'
import { FaceDrawing, type CavityLook, type FaceCavity } from './FaceDrawing'

const legendWords: Readonly<Record<CavityLook, string>> = { empty: 'empty', planned: 'planned', seated: 'seated', proved: 'proved', plugged: 'plugged', fault: 'fault' }
const legendGlyphs: Readonly<Record<CavityLook, string>> = { empty: '○', planned: '◌', seated: '●', proved: '✓', plugged: '▨', fault: '▲' }

const turnKey = (jobId: string, end: string) => `urn-turn:${jobId}:${end}`

/**
 * The view of one end: the side at which the hands are, until F overrides it; the turn, which is remembered for each end.
 * @param handsAt the side that the step works at: a change of it flips the face by itself
 */
export function useFaceView(jobId: string, end: string, handsAt: FaceView['side']): { readonly view: FaceView; readonly flip: () => void; readonly turn: () => void } {
  const [flipped, setFlipped] = useState(false)
  const [turnDeg, setTurn] = useState<FaceView['turnDeg']>(0)
  useEffect(() => setFlipped(false), [handsAt, end])
  useEffect(() => {
    const kept = Number(localStorage.getItem(turnKey(jobId, end)) ?? 0)
    setTurn(kept === 90 || kept === 180 || kept === 270 ? kept : 0)
  }, [jobId, end])
  const other = handsAt === 'wire' ? 'mating' : 'wire'
  return {
    view: { side: flipped ? other : handsAt, turnDeg },
    flip: () => setFlipped((now) => !now),
    turn: () => {
      const to = ((turnDeg + 90) % 360) as FaceView['turnDeg']
      localStorage.setItem(turnKey(jobId, end), String(to))
      setTurn(to)
    },
  }
}

/** A face in its sheet: named, always with the side you look at, flipped with F and turned with R. */
export function FacePanel({ housing, end, face, cavities, next, onPick, onDropWire }: {
  readonly housing: Housing
  /** the end that it is of, where it is part of a job */
  readonly end?: string
  readonly face: ReturnType<typeof useFaceView>
  readonly cavities: ReadonlyMap<string, FaceCavity>
  readonly next?: string | undefined
  readonly onPick?: ((cavity: string) => void) | undefined
  readonly onDropWire?: ((wire: string, cavity: string) => void) | undefined
}) {
  const { view, flip, turn } = face
  useKeys([
    { key: 'f', words: 'Flip the face', run: flip },
    { key: 'r', words: 'Turn the face', run: turn },
  ])
  const side = view.side === 'wire' ? 'WIRE FACE' : 'MATING FACE'
  const looks = [...new Set([...cavities.values()].map((cavity) => cavity.look))]
  return (
    <section className="sheet sheet-fill" aria-label={`Face of ${end ?? housing.name}`}>
      <div className="sheet-head">
        <span>
          {housing.name}{end !== undefined && `, end ${end}`}
        </span>
        <span className="caption">
          <span data-testid="face-side">{side}</span>
          <button type="button" onClick={flip}>
            <kbd>F</kbd> flip
          </button>
          <button type="button" onClick={turn}>
            <kbd>R</kbd> turn{view.turnDeg > 0 ? ` ${view.turnDeg}°` : ''}
          </button>
        </span>
      </div>
      <div className="sheet-body" style={{ padding: '0 10px', overflow: 'hidden' }}>
        <FaceDrawing housing={housing} view={view} cavities={cavities} next={next} onPick={onPick} onDropWire={onDropWire} title={`${housing.name}, ${side.toLowerCase()}`} />
      </div>
      <ul className="sheet-head" style={{ justifyContent: 'flex-start', gap: 18 }} aria-label="Signs">
        {looks.map((look) => (
          <li key={look}>
            <span aria-hidden="true">{legendGlyphs[look]}</span> {legendWords[look]}
          </li>
        ))}
        {next !== undefined && (
          <li>
            <span aria-hidden="true" className="act">◎</span> next
          </li>
        )}
      </ul>
    </section>
  )
}
