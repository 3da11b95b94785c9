import type { ReactNode } from 'react'
import type { ReleaseTip } from '@/core/parts/catalogue/releaseMechanisms'
import { lerp, type ScenePart, SHOULDER_MM, toolFill } from './drawn'

/** The tool, away at 0 and acting at 1. It leaves with the contact where it grips it. */
export const releaseTools: Readonly<Record<ReleaseTip, (part: ScenePart) => ReactNode>> = {
  none: () => null,
  // drawn with what they turn
  driver: () => null,
  spanner: () => null,
  'thin-blade': ({ moment }) => {
    const tip = lerp(-3, 11.9, moment.tool)
    return (
      <path
        d={`M${tip - 22} -2.95H${tip - 1.2}L${tip} ${-2.1 - 0.5 * moment.free}L${tip - 1.2} -2.1H${tip - 22}Z`}
        {...toolFill}
      />
    )
  },
  tube: ({ moment }) => {
    const tip = lerp(-3, 10.6, moment.tool)
    return [-1, 1].map((side) => (
      <path key={side} d={`M${tip - 22} ${side * 1.95}H${tip}V${side * 2.4}H${tip - 22}Z`} {...toolFill} />
    ))
  },
  'blunt-blade': ({ moment }) => {
    const tip = lerp(-7.5, -3.8, moment.tool) + 1.7 * moment.free
    return <path d={`M9.9 ${tip - 12}V${tip - 0.4}Q10.3 ${tip} 10.7 ${tip - 0.4}V${tip - 12}Z`} {...toolFill} />
  },
  'slit-sleeve': ({ moment }) => {
    const tip = lerp(29, SHOULDER_MM + 0.6, moment.tool) + Math.max(0, moment.contactMm)
    return [-1, 1].map((side) => (
      <path
        key={side}
        d={`M${tip} ${side * 1.75}L${tip + 0.6} ${side * 1.4}H${tip + 14}V${side * 1.95}H${tip}Z`}
        {...toolFill}
      />
    ))
  },
  pick: ({ moment }) => {
    const tip = lerp(-3, 10.6, moment.tool)
    return (
      <path
        d={`M${tip - 22} -3.9H${tip - 1.5}L${tip} ${-3.4 + 1.2 * moment.free}L${tip - 1.4} -3.3H${tip - 22}Z`}
        {...toolFill}
      />
    )
  },
}
