import type { SceneMoment } from '@/core/craft/release/contactScene'
import { lerp, metal, plastic, toolFill } from './drawn'
import { WireLead } from './WireLead'

/** A terminal under a screw or a nut, cut open from the side, at one moment of going in or out. Proportions, not to scale. */
interface Fixing {
  readonly moment: SceneMoment
  readonly colour: string
  readonly toolDrawn: boolean
}

const held = { fill: 'var(--terracotta-wash)', stroke: 'var(--terracotta)', strokeWidth: 0.25 } as const

/** How far a plate or nut bears on the terminal: half the ferrule's height. */
const TIGHT_MM = 0.85

/** A ferrule under the plate of a screw clamp. */
export function ClampDrawing({ moment, colour, toolDrawn }: Fixing) {
  const plate = lerp(-TIGHT_MM, -2.3, moment.free)
  const head = plate - 6.3
  const tip = lerp(-16, head + 0.7, moment.tool)
  return (
    <>
      <path d="M-3 -4.8H4.4V-2.4H0V2.4H17V5.6H-3Z" {...plastic} />
      <path d="M9.6 -4.8H17V-2.4H9.6Z" {...plastic} />
      <g transform={`translate(${String(moment.contactMm)} 0)`}>
        <WireLead fromMm={14} colour={colour} />
        <path d={`M1.4 ${String(-TIGHT_MM)}H11V${String(TIGHT_MM)}H1.4Q0.9 0 1.4 ${String(-TIGHT_MM)}Z`} {...metal} />
        <path d="M11 -1 L12.2 -1.75H15.4V1.75H12.2L11 1Z" {...held} />
      </g>
      {/* the cage comes up or the plate goes down: here the plate */}
      <path d={`M3.2 ${String(plate - 0.8)}H10.8V${String(plate)}H3.2Z`} {...held} />
      <path d={`M6 ${String(head + 1.4)}H8V${String(plate - 0.8)}H6Z`} {...metal} />
      {[0, 1, 2, 3].map((turn) => (
        <path
          key={turn}
          d={`M5.8 ${String(head + 2 + turn)}L8.2 ${String(head + 2.5 + turn)}`}
          stroke="var(--ink)"
          strokeWidth={0.16}
        />
      ))}
      <path
        d={`M5 ${String(head)}H6.6V${String(head + 0.6)}H7.4V${String(head)}H9V${String(head + 1.4)}H5Z`}
        {...metal}
      />
      {toolDrawn && (
        <path
          d={`M6.65 ${String(tip)}V${String(tip - 1.6)}L6.1 ${String(tip - 3)}V${String(tip - 16)}H7.9V${String(tip - 3)}L7.35 ${String(tip - 1.6)}V${String(tip)}Z`}
          {...toolFill}
        />
      )}
    </>
  )
}

/** Above this a terminal is off its stud, and goes aside. */
const OVER_STUD_MM = 11

/** A ring or fork on its stud, under washer and nut. */
export function StudDrawing({ moment, colour, toolDrawn }: Fixing) {
  const up = Math.min(Math.max(0, moment.contactMm), OVER_STUD_MM)
  const aside = Math.max(0, moment.contactMm - OVER_STUD_MM)
  const nut = -13 * moment.free
  const jaw = lerp(30, 3.4, moment.tool)
  return (
    <>
      <path d="M-5 4.2H20V6.6H-5Z" {...plastic} />
      <g transform={`translate(${String(aside)} ${String(-up)})`}>
        <g transform="translate(0 2.1)">
          <WireLead fromMm={17} colour={colour} />
        </g>
        <path d="M12.6 0.9H18.4V3.3H12.6Z" {...held} />
        <path d="M2.4 3.3H12.6V4.2H2.4Z" {...metal} />
      </g>
      <path d="M5.5 -6.4L6 -7H9L9.5 -6.4V4.2H5.5Z" {...metal} />
      {[0, 1, 2, 3, 4, 5].map((turn) => (
        <path
          key={turn}
          d={`M5.5 ${String(-5.6 + turn * 1.4)}L9.5 ${String(-5 + turn * 1.4)}`}
          stroke="var(--ink)"
          strokeWidth={0.16}
        />
      ))}
      <g transform={`translate(0 ${String(nut)})`}>
        <path d="M2.6 2.5H12.4V3.3H2.6Z" {...metal} />
        <path d="M3.6 -0.5H11.4V2.5H3.6ZM6.1 -0.5V2.5M8.9 -0.5V2.5" {...held} />
      </g>
      {toolDrawn && (
        <path
          d={`M${String(jaw)} ${String(nut + 0.2)}H${String(jaw + 8.6)}L${String(jaw + 10)} ${String(nut + 0.6)}H40V${String(nut + 1.5)}H${String(jaw + 10)}L${String(jaw + 8.6)} ${String(nut + 1.9)}H${String(jaw)}Z`}
          {...toolFill}
          opacity={0.85}
        />
      )}
    </>
  )
}
