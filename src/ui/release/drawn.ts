import type { SceneMoment } from '@/core/craft/release/contactScene'

/** How plastic, metal and tools look in the drawings of a cavity. */
export const plastic = {
  fill: 'var(--slip)',
  stroke: 'var(--ink)',
  strokeWidth: 0.22,
  strokeLinejoin: 'round',
} as const
export const metal = {
  fill: 'var(--metal-1)',
  stroke: 'var(--ink)',
  strokeWidth: 0.2,
  strokeLinejoin: 'round',
} as const
export const toolFill = { fill: 'var(--glaze)', stroke: 'var(--glaze-ink)', strokeWidth: 0.16 } as const

/** Rear shoulder of the contact's box, behind which it is held, mm in the picture. */
export const SHOULDER_MM = 11

/** What of a drawing moves with its scene. */
export interface ScenePart {
  readonly moment: SceneMoment
}

export const lerp = (from: number, to: number, t: number): number => from + (to - from) * t
