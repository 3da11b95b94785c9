import clsx from 'clsx'
import { useMemo } from 'react'
import { byAreaMm } from '@/core/craft/bundle/byArea'
import { boardGeometry, boardTiles } from '@/core/work/close/boardGeometry'
import { boardPlan } from '@/core/work/close/boardPlan'
import { laidMm, sleeveFor, tieFor } from '@/core/work/close/bundleSizes'
import { lacingCordMm } from '@/core/craft/ties/lacing'
import type { SegmentTask } from '@/core/work/close/closeTasks'
import { endKey } from '@/core/record/plan/keys'
import { BoardDrawing, type PartLook } from '@/ui/board/BoardDrawing'
import { useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { lengthSaid, plural, shortMm } from '@/words/figures'
import { boardPanelWords as words } from '@/words/screens/close/boardPanel'
import styles from './BoardPanel.module.css'
import { useBundles } from './useBundles'

/** Round the drawing, as a share of its longer side. */
const MARGIN = 0.09
/** Text is so many times smaller than the longer side. */
const TEXT_SHARE = 42
/** Round the board on paper, mm. */
const BOARD_MARGIN_MM = 40

/** The board with one stretch in hand: the figure that the hands need, and all of it drawn to scale. */
export function BoardPanel({ task, unit }: { readonly task: SegmentTask | undefined; readonly unit: number }) {
  const { id, state } = useJob()
  const { layout } = state.plan
  const segments = boardPlan(state)
  const bundles = useBundles(
    useMemo(() => segments.map(({ segment, diametersMm }) => ({ name: segment.id, diametersMm })), [segments]),
  )
  const geometry = useMemo(() => layout && boardGeometry(layout), [layout])
  if (!layout || !geometry) return null
  const packed = (segment: string): number => {
    const its = segments.find((one) => one.segment.id === segment)
    return bundles.get(segment)?.diameterMm ?? byAreaMm(its?.diametersMm ?? [])
  }
  const longer = Math.max(geometry.widthMm, geometry.heightMm, 100)
  const margin = longer * MARGIN
  const due = task?.lines.find(({ found }) => !found)
  const look = (segment: string, what: 'tie' | 'label', atMm: number): PartLook => {
    if (task?.board.segment.id === segment && due?.what === what && due.atMm === atMm) return 'now'
    const part = state.bundle.get(endKey(unit, segment))?.parts.find((one) => one.what === what && one.atMm === atMm)
    return part?.result ?? 'todo'
  }
  const { tiles } = boardTiles(layout, geometry, BOARD_MARGIN_MM)
  const base = `/jobs/${encodeURIComponent(id)}/papers`
  return (
    <>
      {task && <SegmentReadouts task={task} packedMm={packed(task.board.segment.id)} />}
      <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.board}>
        <div className={paneCss.panelHead}>
          <span>{words.toScale}</span>
          <span className={paneCss.caption}>{words.boardScale}</span>
        </div>
        <div className={clsx(paneCss.panelBody, styles.body)}>
          <svg
            className={styles.drawing}
            viewBox={`${String(geometry.leftMm - margin)} ${String(geometry.topMm - margin)} ${String(geometry.widthMm + 2 * margin)} ${String(geometry.heightMm + 2 * margin)}`}
            role="img"
            aria-label={words.drawingOf(segments.length)}
          >
            <BoardDrawing
              segments={segments}
              geometry={geometry}
              textMm={longer / TEXT_SHARE}
              look={look}
              thickMm={(segment) => laidMm(layout, packed(segment))}
              found={(segment) => {
                const length = state.bundle.get(endKey(unit, segment))?.length
                const its = layout.segments.find((one) => one.id === segment)
                return (
                  length && {
                    lengthMm: length.lengthMm,
                    good:
                      its?.toleranceMm === undefined
                        ? undefined
                        : Math.abs(length.lengthMm - its.lengthMm) <= its.toleranceMm,
                  }
                )
              }}
              selected={task?.board.segment.id}
            />
          </svg>
          <ul className={styles.sections}>
            {segments.map(({ segment, wires }) => {
              const mm = packed(segment.id)
              const laid = laidMm(layout, mm)
              const sleeve = sleeveFor(laid)
              return (
                <li key={segment.id}>
                  <b>{segment.id}</b> · {plural(wires, 'wire')}
                  <b>{words.diameter(shortMm(mm, 1))}</b>
                  <span>{words.asLaid(shortMm(laid, 1))}</span>
                  <span>{sleeve === undefined ? '' : words.sleeve(shortMm(sleeve, 0))}</span>
                </li>
              )
            })}
          </ul>
        </div>
        <div className={styles.papers}>
          <a href={`${base}/board.svg`} download>
            {words.boardSvg}
          </a>
          <a href={`${base}/board.pdf`} download>
            {words.boardPdf}
          </a>
          <a href={`${base}/board-tiles.pdf`} download>
            {words.tiles(tiles.length)}
          </a>
        </div>
      </section>
    </>
  )
}

function SegmentReadouts({ task, packedMm }: { readonly task: SegmentTask; readonly packedMm: number }) {
  const { state } = useJob()
  const { layout } = state.plan
  const { board, lines } = task
  const due = lines.find(({ found }) => !found)
  const ties = lines.filter(({ what }) => what === 'tie')
  const at = due ? lengthSaid(due.atMm, 0) : lengthSaid(board.segment.lengthMm, 0)
  const laid = layout ? laidMm(layout, packedMm) : packedMm
  return (
    <Readouts>
      <Readout
        label={due?.what === 'label' ? words.label : words.tieOf(board.segment.id, layout?.held === 'lacing')}
        {...(due?.what === 'label'
          ? { value: due.end ?? '' }
          : {
              value: due ? String(ties.findIndex((one) => one === due) + 1) : String(ties.length),
              unit: words.of(ties.length),
            })}
      />
      <Readout
        label={due ? words.fromRear(board.segment.from) : words.length}
        value={at.value}
        unit={at.unit}
        other={at.other}
        huge={due !== undefined}
        wide
      />
      <Readout
        label={layout?.held === 'lacing' ? words.lacing : words.tie}
        value={
          layout?.held === 'lacing' ? words.cord(shortMm(lacingCordMm(board.tiesMm, laid), 0)) : (tieFor(laid) ?? '–')
        }
        also={layout?.held === 'lacing' ? words.cordEstimate : words.asLaidIs(shortMm(laid, 1))}
        wide
      />
    </Readouts>
  )
}
