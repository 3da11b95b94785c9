import type { ReactNode } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { TILE, type BoardGeometry, boardGeometry, boardTiles } from '@/core/work/close/boardGeometry'
import { boardPlan } from '@/core/work/close/boardPlan'
import { laidMm, sleeveFor, tieFor } from '@/core/work/close/bundleSizes'
import { PACK_LIMIT, byAreaMm } from '@/core/craft/bundle/byArea'
import { packBundle } from '@/core/craft/bundle/bundle'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { BoardDrawing } from '@/ui/board/BoardDrawing'
import { withPaperColours } from '@/ui/face/paperColours'
import { clockOf } from '@/words/clock'
import { shortMm } from '@/words/figures'
import { boardSheetWords as words } from '@/words/screens/papers/boardSheet'
import { DIM, type PaperInput, cell, heading, page, table } from './paper'

const PT = 72 / 25.4
/** Round the board on paper, mm. */
const MARGIN_MM = 40
/** Text at 1 to 1, mm. */
const TEXT_MM = 5
/** Text of the overview is so many times smaller than its longer side. */
const TEXT_SHARE = 46

type State = PaperInput['state']

function packedMm(diametersMm: readonly number[]): number {
  if (diametersMm.length === 0) return 0
  return diametersMm.length <= PACK_LIMIT ? packBundle(diametersMm).diameterMm : byAreaMm(diametersMm)
}

/** What the board is drawn from; undefined while nobody has said how the bundle lies. */
function boardOf(state: State) {
  const { layout } = state.plan
  if (!layout) return undefined
  const segments = boardPlan(state)
  const thick = new Map(segments.map(({ segment, diametersMm }) => [segment.id, packedMm(diametersMm)]))
  return { layout, segments, thick, geometry: boardGeometry(layout) }
}
type Board = NonNullable<ReturnType<typeof boardOf>>

const drawing = ({ layout, segments, thick, geometry }: Board, textMm: number): ReactNode => (
  <BoardDrawing
    segments={segments}
    geometry={geometry}
    textMm={textMm}
    look={() => 'todo'}
    thickMm={(segment) => laidMm(layout, thick.get(segment) ?? 0)}
    found={() => undefined}
  />
)

/** A part of the board, in millimetres. */
interface Part {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

const svgOf = (
  inner: ReactNode,
  { x, y, width, height }: Part,
  size?: { readonly width: string; readonly height: string },
) =>
  withPaperColours(
    renderToStaticMarkup(
      <svg xmlns="http://www.w3.org/2000/svg" viewBox={[x, y, width, height].join(' ')} {...size}>
        {inner}
      </svg>,
    ),
  )

/** The board as one SVG, a unit to the millimetre; undefined where no layout is planned. */
export function boardSvg(state: State): string | undefined {
  const board = boardOf(state)
  return board && overviewOf(board)
}

function overviewOf(board: Board): string {
  const { geometry } = board
  const [width, height] = [geometry.widthMm + 2 * MARGIN_MM, geometry.heightMm + 2 * MARGIN_MM]
  return svgOf(
    drawing(board, Math.max(TEXT_MM, Math.max(width, height) / TEXT_SHARE)),
    { x: geometry.leftMm - MARGIN_MM, y: geometry.topMm - MARGIN_MM, width, height },
    { width: `${String(width)}mm`, height: `${String(height)}mm` },
  )
}

/** The board on one page, to scale, with its stretches as a table. */
export function boardSheet(input: PaperInput): TDocumentDefinitions {
  const { state, madeAt } = input
  const { plan } = state
  const board = boardOf(state)
  const svg = board && overviewOf(board)
  const rows = (board?.segments ?? []).map(({ segment, wires, tiesMm, pitchMm }) => {
    const packed = board?.thick.get(segment.id) ?? 0
    const laid = board ? laidMm(board.layout, packed) : packed
    const sleeve = sleeveFor(laid)
    return [
      cell(segment.id),
      cell(`${segment.from} – ${segment.to}`),
      cell(
        `${shortMm(segment.lengthMm, 0)}${segment.toleranceMm === undefined ? '' : ` ±${String(segment.toleranceMm)}`}`,
      ),
      cell(wires),
      cell(shortMm(packed, 1)),
      cell(shortMm(laid, 1)),
      cell(sleeve === undefined ? '–' : shortMm(sleeve, 0)),
      cell(tieFor(laid) ?? '–'),
      cell(tiesMm.length === 0 ? '–' : `${String(tiesMm.length)} × ${shortMm(pitchMm, 1)}`),
      cell(tiesMm.map((mm) => String(Math.round(mm))).join(' ')),
    ]
  })
  return page(input, words.board, [
    {
      text: words.boardRev(plan.rev, rulesOf(state).name, clockOf(input.zone).stamp(madeAt)),
      color: DIM,
      margin: [0, 2, 0, 10],
    },
    ...(svg ? [{ svg, fit: [523, 430] } as Content] : [{ text: words.noLayout } as Content]),
    heading(words.stretches),
    table(['auto', 'auto', 'auto', 'auto', 'auto', 'auto', 'auto', 'auto', 'auto', '*'], words.columns, rows),
  ])
}

/** The board at 1 to 1 over sheets of A4, each with register marks and its place among the others. */
export function boardTilesSheet(input: PaperInput): TDocumentDefinitions {
  const board = boardOf(input.state)
  const base: TDocumentDefinitions = {
    info: { title: `${input.state.plan.title}, ${words.tiles}`, creator: words.urnBench },
    pageSize: 'A4',
    pageMargins: [0, 0, 0, 0],
    defaultStyle: { font: 'Sans', fontSize: 8 },
    content: [],
  }
  if (!board) return { ...base, content: [{ text: words.noLayout, margin: [40, 40, 40, 40] }] }
  const { geometry } = board
  const { tiles } = boardTiles(board.layout, geometry, MARGIN_MM)
  const inner = drawing(board, TEXT_MM)
  const content = tiles.flatMap(({ column, row }, i): Content[] => [
    {
      svg: tile(inner, geometry, column, row),
      width: TILE.widthMm * PT,
      height: TILE.heightMm * PT,
      absolutePosition: { x: 10 * PT, y: 10 * PT },
      ...(i > 0 && { pageBreak: 'before' as const }),
    },
    {
      text: words.tileOf(input.state.plan.title, i + 1, tiles.length, row + 1, column + 1),
      absolutePosition: { x: 14 * PT, y: 289 * PT },
      color: DIM,
    },
  ])
  return { ...base, content }
}

/** Half of a register mark, mm. */
const MARK_MM = 4

/** One sheet of the tiles: its part of the board, cut off at its frame, and a mark in each corner. */
function tile(inner: ReactNode, { leftMm, topMm }: BoardGeometry, column: number, row: number): string {
  const x = leftMm - MARGIN_MM + column * TILE.widthMm
  const y = topMm - MARGIN_MM + row * TILE.heightMm
  const part = { x, y, width: TILE.widthMm, height: TILE.heightMm }
  const corners = [x, x + TILE.widthMm].flatMap((cx) => [y, y + TILE.heightMm].map((cy) => ({ cx, cy })))
  return svgOf(
    <>
      <defs>
        <clipPath id="sheet">
          <rect {...part} />
        </clipPath>
      </defs>
      <g clipPath="url(#sheet)">{inner}</g>
      <rect {...part} fill="none" stroke="var(--edge)" strokeWidth={0.15} strokeDasharray="2 2" />
      {corners.map(({ cx, cy }) => (
        <g key={`${String(cx)} ${String(cy)}`} stroke="var(--ink)" strokeWidth={0.2}>
          <line x1={cx - MARK_MM} y1={cy} x2={cx + MARK_MM} y2={cy} />
          <line x1={cx} y1={cy - MARK_MM} x2={cx} y2={cy + MARK_MM} />
        </g>
      ))}
    </>,
    part,
  )
}
