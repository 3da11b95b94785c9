import { cavityDrawingWords as words } from '@/words/screens/release/cavityDrawing'
import type { ReactNode } from 'react'
import type { LockSide } from '@/core/parts/catalogue/lockMotion'
import type { ReleaseId, ReleaseMechanism } from '@/core/parts/catalogue/releaseMechanisms'
import type { SceneMoment } from '@/core/craft/release/contactScene'
import { heldWords } from '@/words/release'
import { metal, plastic, type ScenePart, SHOULDER_MM } from './drawn'
import { ClampDrawing, StudDrawing } from './FixingDrawing'
import { releaseTools } from './releaseTools'
import { WireLead } from './WireLead'

/** A place in the picture, mm: the mating face at the left, the wire face at the right, the cavity's axis at 0. */
const HOUSING = { from: 0, to: 20, bore: 2.4, wall: 2.6 } as const

/** One cavity cut open from the side, at one moment of its contact going in or out. Proportions, not to scale. */
export function CavityDrawing({
  mechanism,
  moment,
  colour,
  name,
  up,
  goesIn = false,
  bare = false,
  lockFrom = 'side',
}: {
  readonly mechanism: ReleaseMechanism
  readonly moment: SceneMoment
  readonly colour: string
  readonly name: string
  /** what of the contact is up, while it is in the hand */ readonly up?: string | undefined
  /** then only a tool that puts it in is drawn */ readonly goesIn?: boolean
  /** small beside others: no words */ readonly bare?: boolean
  /** from which side the housing’s lock comes */ readonly lockFrom?: LockSide | undefined
}) {
  const { id } = mechanism
  const Fixing = fixings[id]
  const Lock = locks[id]
  const Tool = releaseTools[mechanism.tool]
  return (
    <svg
      viewBox={bare ? '-2 -8 28 15' : '-7 -10 43 19'}
      role="img"
      aria-label={name}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMid meet"
    >
      <title>{heldWords[id]}</title>
      {!bare && !Fixing && (
        <g fontSize="1.5" fill="var(--dim)" style={{ fontFamily: 'var(--sans)' }}>
          <text x={-6.5} y={8}>
            {words.matingFace}
          </text>
          <text x={35.5} y={8} textAnchor="end">
            {words.wireFace}
          </text>
        </g>
      )}
      {Fixing ? (
        <Fixing moment={moment} colour={colour} toolDrawn={!bare} />
      ) : (
        <>
          <Walls id={id} />
          <ContactPiece id={id} moment={moment} colour={colour} />
          <Lock moment={moment} />
          {!bare && (!goesIn || mechanism.insertTool) && <Tool moment={moment} />}
          <Cover id={id} moment={moment} lockFrom={lockFrom} />
        </>
      )}
      {up !== undefined && (
        <g fill="var(--terracotta-ink)" fontSize="1.8" style={{ fontFamily: 'var(--sans)', fontWeight: 700 }}>
          <path d={`M${8.7 + moment.contactMm} -4.6h1.6l-0.8 -1.4Z`} />
          <text x={35.5} y={-6.8} textAnchor="end">
            {up}
          </text>
        </g>
      )}
    </svg>
  )
}

const spring = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 0.5,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const

/** The housing's walls above and below; each mechanism needs its own opening in them. */
function Walls({ id }: { readonly id: ReleaseId }) {
  const { from, to, bore, wall } = HOUSING
  const box = (x1: number, x2: number, y1: number, y2: number) => (
    <path key={`${x1} ${y1}`} d={`M${x1} ${y1}H${x2}V${y2}H${x1}Z`} {...plastic} />
  )
  const bottom = box(from, to, bore, bore + wall)
  switch (id) {
    // the finger gives way into a pocket, which the wedge fills
    case 'finger':
      return (
        <>
          <path d="M0 -5H20V-2.4H18.4V-4.2H10.8V-2.4H0Z" {...plastic} />
          {bottom}
        </>
      )
    case 'window-lance':
      return (
        <>
          {box(from, 8.3, -bore - wall, -bore)}
          {box(11.6, to, -bore - wall, -bore)}
          {bottom}
        </>
      )
    // the channel is open above once the cap is off
    case 'side-tang':
      return (
        <>
          {box(11.6, to, -bore - wall, -bore)}
          {box(from, to, bore, bore + wall)}
        </>
      )
    case 'comb':
      return (
        <>
          {box(from, 11.2, -bore - wall, -bore)}
          {box(13.4, to, -bore - wall, -bore)}
          {bottom}
        </>
      )
    case 'barbs':
      return (
        <>
          {box(from, to, -bore - wall, -bore - 0.7)}
          {box(10.7, to, -bore - 0.7, -1.95)}
          {box(from, to, bore + 0.7, bore + wall)}
          {box(10.7, to, 1.95, bore + 0.7)}
        </>
      )
    default:
      return (
        <>
          {box(from, to, -bore - wall, -bore)}
          {bottom}
        </>
      )
  }
}

function ContactPiece({
  id,
  moment,
  colour,
}: {
  readonly id: ReleaseId
  readonly moment: SceneMoment
  readonly colour: string
}) {
  // a neck: the rear of the box is drawn in, and that is where it is held
  const neck = id === 'neck' ? `V-1H13V1H${SHOULDER_MM}` : ''
  return (
    <g transform={`translate(${moment.contactMm} 0)`}>
      <WireLead fromMm={14.6} colour={colour} />
      <path d={`M${SHOULDER_MM - 0.5} 0.5H12.6V1.1H${SHOULDER_MM - 0.5}Z`} {...metal} />
      <path d="M12 -1.35H16V1.35H12Z" {...metal} />
      <path d="M2.6 -0.9H8V0.9H2.6Q1.9 0 2.6 -0.9Z" {...metal} />
      <path d={`M7.6 -1.85H${SHOULDER_MM}${neck === '' ? 'V1.85' : neck + 'V1.85'}H7.6Z`} {...metal} />
      {id === 'barbs' &&
        [-1, 1].map((side) => (
          <path
            key={side}
            d={`M8 ${side * 1.3}L10.3 ${side * (2.75 - 0.85 * moment.free * (1 - moment.restored))}`}
            {...spring}
          />
        ))}
      {id === 'window-lance' && (
        <path
          d={`M8.4 -1.85L10.9 ${-3.7 + 1.7 * Math.max(moment.free, moment.contactMm > 0.5 ? 0.55 : 0) * (1 - moment.restored)}`}
          {...spring}
        />
      )}
      {id === 'side-tang' && (
        <path
          d={`M8.2 -1.85L11.1 ${-3.6 + 1.6 * Math.max(moment.free, moment.contactMm > 0.5 ? 0.55 : 0) * (1 - moment.restored)}`}
          {...spring}
        />
      )}
    </g>
  )
}

const Nothing = () => null

/** Where a terminal is fixed instead of a contact that snaps in, the whole picture is another. */
const fixings: Readonly<Partial<Record<ReleaseId, typeof ClampDrawing>>> = { clamp: ClampDrawing, stud: StudDrawing }

/** What holds the contact, where it is a part of the housing. */
const locks: Readonly<Record<ReleaseId, (part: ScenePart) => ReactNode>> = {
  finger: ({ moment }) => (
    <g transform={`rotate(${moment.free * 13} 18 -2.2)`}>
      <path
        d={`M18 -2.5H12.6L11.15 -2.4V-1.1H11.9L12.6 -1.7H18Z`}
        fill="var(--terracotta-wash)"
        stroke="var(--terracotta)"
        strokeWidth={0.25}
        strokeLinejoin="round"
      />
    </g>
  ),
  'rear-sleeve': ({ moment }) =>
    [-1, 1].map((side) => (
      <path
        key={side}
        d={`M17.5 ${side * 2.3}L${SHOULDER_MM + 0.3} ${side * (1.2 + 1.1 * moment.free)}`}
        fill="none"
        stroke="var(--terracotta)"
        strokeWidth={0.5}
        strokeLinecap="round"
      />
    )),
  neck: ({ moment }) =>
    [-1, 1].map((side) => (
      <path
        key={side}
        d={`M17.5 ${side * 2.1}L12.6 ${side * (1.35 + 0.75 * moment.free)}V${side * (1.05 + 0.85 * moment.free)}`}
        fill="none"
        stroke="var(--terracotta)"
        strokeWidth={0.5}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    )),
  comb: Nothing,
  barbs: Nothing,
  'window-lance': Nothing,
  'side-tang': Nothing,
  clamp: Nothing,
  stud: Nothing,
  none: Nothing,
}

/** Cover, gate, cap, wedge or comb, and the mat: what stands open first. */
function Cover({
  id,
  moment,
  lockFrom,
}: {
  readonly id: ReleaseId
  readonly moment: SceneMoment
  readonly lockFrom: LockSide
}) {
  const lid = { fill: 'var(--glaze-wash)', stroke: 'var(--glaze)', strokeWidth: 0.25, strokeLinejoin: 'round' } as const
  switch (id) {
    // the wedge keeps the finger down: it slides in from the side, or its tongue from the front
    case 'finger':
      if (lockFrom === 'front') {
        const x = -16 * moment.cover
        return <path d={`M${x - 1.6} -6.4H${x}V-4.1H${x + 16.6}V-2.6H${x}V-1.4H${x - 1.6}Z`} {...lid} />
      }
      return <path d={`M12.4 ${-4.1 - 5.2 * moment.cover}H16.6V${-2.6 - 5.2 * moment.cover}H12.4Z`} {...lid} />
    case 'barbs': {
      // it hangs on the wires, behind the contact
      const x = 20.3 + 7 * moment.cover + Math.max(0, moment.contactMm - 8) * moment.cover
      return <path d={`M${x} -5.4H${x + 2}V-1.5H${x}ZM${x} 1.5H${x + 2}V5.4H${x}Z`} {...lid} />
    }
    case 'side-tang':
      return (
        <>
          <g transform={`rotate(${moment.cover * 72} 20 -5.6)`}>
            <path d="M0.5 -6.3H20V-5.2H0.5Z" {...lid} />
          </g>
          <path d={`M16.4 ${-5 - 4.6 * moment.mat}H17.8V${-1.3 - 4.6 * moment.mat}H16.4Z`} {...lid} />
        </>
      )
    case 'neck':
      return (
        <>
          <path
            d={`M${18 + 4 * moment.mat} -4.9H${19.8 + 4 * moment.mat}V-1.2H${18 + 4 * moment.mat}ZM${18 + 4 * moment.mat} 1.2H${19.8 + 4 * moment.mat}V4.9H${18 + 4 * moment.mat}Z`}
            fill="var(--terracotta-wash)"
            stroke="var(--terracotta)"
            strokeWidth={0.22}
          />
          {/* its halves swing away from the wires */}
          {[-1, 1].map((side) => (
            <path
              key={side}
              d={`M20.4 ${side * (1.6 + 3.4 * moment.cover)}H21.8V${side * (5.4 + 3.4 * moment.cover)}H20.4Z`}
              {...lid}
            />
          ))}
        </>
      )
    case 'comb':
      return <path d={`M11.3 ${-8 - 2.2 * moment.cover}H13.3V${-1.45 - 2.2 * moment.cover}H11.3Z`} {...lid} />
    default:
      return null
  }
}
