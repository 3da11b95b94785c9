import type { ReactNode } from 'react'
import { type LockMotion, type LockSide, lockMotion } from '@/core/parts/catalogue/lockMotion'
import type { HousingLock } from '@/core/parts/catalogue/secondaryLocks'
import { lockDrawingWords as words } from '@/words/screens/lock/lockDrawing'
import styles from './LockDrawing.module.css'

/** The housing in the picture: mating face at 0, wires from 30. */
const BODY = { left: 0, right: 30, top: -14, bottom: 14 } as const
const rows = [-8, 0, 8] as const
/** How far out a lock is drawn, by side, and the middle of its arrow. */
const out: Readonly<Record<LockSide, { readonly dx: number; readonly dy: number }>> = {
  front: { dx: -20, dy: 0 },
  side: { dx: 0, dy: -15 },
  rear: { dx: 20, dy: 0 },
}

const shape: Readonly<Record<LockSide, string>> = {
  // a plate across the face with two tongues between the rows
  front: 'M-3 -13H0V-5.4H13V-3.2H0V2.6H13V4.8H0V13H-3V16H-4.6V-13Z',
  // a bar with teeth, down across the rows
  side: 'M14 -15H20V9H18.6V5H15.4V9H14Z',
  // a cover that lies over the wires
  rear: 'M30 -15H33V-10H36V-4H33V-2H36V2H33V4H36V10H33V15H30Z',
}

const place = ({ from, turns }: LockMotion, share: number) => {
  const { dx, dy } = out[from]
  const away = 1 - share
  return turns && from === 'side'
    ? `rotate(${String(away * 55)} 30 -15)`
    : `translate(${String(dx * away)} ${String(dy * away)})`
}

/** A half cut open from the side, with its second lock where it stands while contacts go in, dashed where it is home. */
export function LockDrawing({
  lock,
  name,
  share,
  compact = false,
  opens = false,
}: {
  readonly lock: HousingLock
  readonly name: string
  readonly share?: number
  /** in a narrow pane: its words are as large as they can be */ readonly compact?: boolean
  /** it is on its way out, before any contact is in */ readonly opens?: boolean
}) {
  const motion = lockMotion(lock)
  const opensMm = lock.said?.whileInserting === 'at-stop' ? lock.said.partWayMm : lock.said?.opensMm
  const { from, stop, stopMm, homeMm, whileInserting } = motion
  const stands = share ?? whileInserting
  return (
    <svg
      className={styles.lock}
      viewBox="-32 -36 92 62"
      role="img"
      aria-label={name}
      preserveAspectRatio="xMidYMid meet"
    >
      <path
        d={`M${BODY.left} ${BODY.top}H${BODY.right}V${BODY.bottom}H${BODY.left}`}
        fill="var(--slip)"
        stroke="var(--ink)"
        strokeWidth={0.5}
      />
      {opens && rows.map((y) => <path key={y} d={`M0 ${y - 2.4}H30V${y + 2.4}H0`} {...hole} />)}
      {(opens ? [] : rows).map((y) => (
        <g key={y} transform={`translate(0 ${String(y)})`}>
          <path d="M24 -1.6H58V1.6H24Z" fill="var(--bisque)" stroke="var(--ink)" strokeWidth={0.35} />
          <path d="M3 -2.2H13V2.2H3ZM14 -2.2H24V2.2H14Z" fill="var(--metal-1)" stroke="var(--ink)" strokeWidth={0.35} />
        </g>
      ))}
      {stands < 1 && (
        <path
          d={shape[from]}
          transform={place(motion, 1)}
          fill="none"
          stroke="var(--glaze)"
          strokeWidth={0.45}
          strokeDasharray="1.4 1.1"
        />
      )}
      {stop !== undefined && stop !== stands && (
        <path
          d={shape[from]}
          transform={place(motion, stop)}
          fill="none"
          stroke="var(--terracotta)"
          strokeWidth={0.35}
          strokeDasharray="0.7 1"
        />
      )}
      <path
        d={shape[from]}
        transform={place(motion, stands)}
        fill="var(--glaze-wash)"
        stroke="var(--glaze)"
        strokeWidth={0.55}
        strokeLinejoin="round"
      />
      {stands < 1 && <Arrow from={from} out={opens} />}
      <Words x={-31} y={-33} large={compact}>
        {opens ? words.comesOut[from] : words.goesInFrom[from]}
      </Words>
      <Words x={-31} y={22} dim large={compact}>
        {words.matingFace}
      </Words>
      <Words x={59} y={22} dim end large={compact}>
        {words.wires}
      </Words>
      {(opens ? opensMm : (stopMm ?? homeMm)) !== undefined && (
        <text
          x={59}
          y={compact ? -26 : -31.5}
          fontSize={compact ? 4.6 : 3.3}
          textAnchor="end"
          className={styles.figure}
        >
          {opens ? words.opensBy(opensMm ?? 0) : words.figures(stopMm, homeMm)}
        </text>
      )}
    </svg>
  )
}

/** A cavity without its contact. */
const hole = { fill: 'var(--bisque)', stroke: 'var(--ink)', strokeWidth: 0.35 } as const

const Words = ({
  x,
  y,
  dim = false,
  end = false,
  large = false,
  children,
}: {
  readonly x: number
  readonly y: number
  readonly dim?: boolean
  readonly end?: boolean
  readonly large?: boolean
  readonly children: ReactNode
}) => (
  <text
    x={x}
    y={y + 1.5}
    fontSize={large ? 4.6 : 3.3}
    textAnchor={end ? 'end' : 'start'}
    className={styles.words}
    style={{ fill: dim ? 'var(--dim)' : 'var(--glaze-ink)', fontWeight: dim ? 400 : 700 }}
  >
    {children}
  </text>
)

const arrows: Readonly<Record<LockSide, string>> = {
  front: 'M-16 -0.7H-8V-2.6L-4 0L-8 2.6V0.7H-16Z',
  side: 'M23.3 -29H24.7V-22H26.6L24 -18L21.4 -22H23.3Z',
  rear: 'M49 -19.7H42V-21.6L38 -19L42 -16.4V-18.3H49Z',
}

/** Where the middle of each arrow lies: out, it points the other way. */
const arrowAt: Readonly<Record<LockSide, string>> = { front: '-12 0', side: '24 -23.5', rear: '43.5 -19' }

const Arrow = ({ from, out }: { readonly from: LockSide; readonly out: boolean }) => (
  <path d={arrows[from]} transform={out ? `rotate(180 ${arrowAt[from]})` : undefined} fill="var(--glaze)" />
)
