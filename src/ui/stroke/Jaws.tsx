import type { SpecimenBody } from '@/core/craft/specimen/specimenBody'
import { HELD, pressed, type StrokeScene } from '@/core/craft/stroke/strokeRoutine'
import type { SpecimenLayout, SpecimenPiece } from '../specimen/specimenModel'
import { wingHeights } from '../specimen/specimenModel'
import { strokeDrawingWords as words } from '@/words/screens/stroke/strokeDrawing'
import styles from './StrokeDrawing.module.css'

/** How far open jaws stand off, and how thick they are drawn, mm. */
const OPEN_MM = 2.2
const THICK_MM = 2.6

/** How far a jaw stands from what it touches: open at 0, on it at `HELD` and beyond. */
export const standOffMm = (closed: number): number => OPEN_MM * Math.max(0, 1 - closed / HELD)

interface JawsProps {
  readonly piece: SpecimenPiece
  readonly layout: SpecimenLayout
  readonly scene: StrokeScene
}

/** Upper and lower block over one stretch of the contact. */
const block = (from: number, to: number, y: number, up: boolean) =>
  `M${from} ${y}H${to}v${up ? -THICK_MM : THICK_MM}H${from}Z`

/** Both forms of a die or a nest over the wings: the narrow one for the conductor, the wide one for the insulation. */
function WingJaws({
  piece,
  layout,
  scene,
  body,
}: JawsProps & { readonly body: Extract<SpecimenBody, { kind: 'open' }> }) {
  const off = standOffMm(scene.closed)
  const { wing, insulationWing } = wingHeights(piece)
  const { bottomMm, mouthMm, lengthMm } = layout
  const rearMm = lengthMm - body.insulationBarrelMm
  const top = -Math.max(wing, insulationWing) - off - THICK_MM
  const [narrow, wide] = [-wing - off, -insulationWing - off]
  const low = wing + off * 0.4
  const upper =
    scene.over === 'all'
      ? `M${bottomMm} ${narrow}H${mouthMm}V${Math.min(narrow, wide) - 0.7}H${rearMm}V${wide}H${lengthMm}V${top}H${bottomMm}Z`
      : scene.over === 'conductor'
        ? block(bottomMm, mouthMm, narrow, true)
        : block(rearMm, lengthMm, wide, true)
  const [from, to] =
    scene.over === 'all' ? [bottomMm, lengthMm] : scene.over === 'conductor' ? [bottomMm, mouthMm] : [rearMm, lengthMm]
  return (
    <>
      <path className={styles.jaw} d={upper} opacity={0.82} />
      <path className={styles.jaw} d={block(from, to, low, false)} />
    </>
  )
}

/** Four indenters, of which two are seen from the side; a positioner holds the contact where they meet the barrel. */
function Indenters({
  piece,
  layout,
  scene,
  body,
  holder,
}: JawsProps & { readonly body: Extract<SpecimenBody, { kind: 'closed' }>; readonly holder: boolean }) {
  const outer = body.outerMm / 2
  const band = (layout.bottomMm + layout.mouthMm) / 2 + 0.2 + (piece.made.toolOffMm ?? 0)
  const tip = outer + standOffMm(scene.closed) - 0.5 * pressed(scene.closed)
  const indenter = (way: 1 | -1) =>
    `M${band - 0.3} ${way * tip}h.6L${band + 0.85} ${way * (tip + 0.8)}V${way * (tip + THICK_MM)}H${band - 0.85}V${way * (tip + 0.8)}Z`
  const front = layout.bottomMm - 2.6
  const mating = body.matingMm / 2 + 0.7
  return (
    <>
      {holder && (
        <>
          <path
            className={styles.jaw}
            d={`M-1.4 ${-mating - 1.6}H${front}V${-mating}H-.2V${mating}H${front}V${mating + 1.6}H-1.4Z`}
          />
          <text className={styles.word} x={front} y={-mating - 2} textAnchor="end">
            {words.positioner}
          </text>
        </>
      )}
      <path className={styles.jaw} d={indenter(-1)} />
      <path className={styles.jaw} d={indenter(1)} />
    </>
  )
}

/** Two halves of a nest round a barrel. */
function NestJaws({ layout, scene, body }: JawsProps & { readonly body: Extract<SpecimenBody, { kind: 'sleeve' }> }) {
  const outer = body.outerMm / 2
  const y = outer + standOffMm(scene.closed) - 0.25 * pressed(scene.closed)
  const third = (layout.mouthMm - layout.bottomMm) / 6
  const [from, to] = [layout.bottomMm + third, layout.mouthMm - third]
  return (
    <>
      <path className={styles.jaw} d={block(from, to, -y, true)} opacity={0.82} />
      <path className={styles.jaw} d={block(from, to, y, false)} opacity={0.82} />
    </>
  )
}

/** What closes on the piece, by how its body is made. */
export function Jaws({
  body,
  holder,
  ...props
}: JawsProps & {
  readonly body: SpecimenBody
  /** a positioner holds the contact; else a hand does */
  readonly holder: boolean
}) {
  switch (body.kind) {
    case 'closed':
      return <Indenters {...props} body={body} holder={holder} />
    case 'open':
      return <WingJaws {...props} body={body} />
    case 'sleeve':
      return <NestJaws {...props} body={body} />
  }
}
