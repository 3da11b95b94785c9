import type { PullScope } from '../../parts/catalogue/pullScope'

/**
 * Pull-out minima as published. Check against your own copy of the document.
 * A gauge table holds printed gauges only and is never interpolated.
 */
export const pullTables = {
  'iec-60352-2': {
    unit: 'mm2',
    scope: 'crimped-connections',
    /** AWG, mm²: the row that stands for a printed gauge */
    gaugeRows: [
      [30, 0.05],
      [28, 0.08],
      [26, 0.12],
      [24, 0.22],
      [22, 0.32],
      [20, 0.5],
      [18, 0.82],
      [16, 1.3],
      [14, 2.1],
      [12, 3.3],
      [10, 5.3],
      [8, 8.4],
    ],
    /** mm², N */
    rows: [
      [0.05, 6],
      [0.08, 11],
      [0.12, 15],
      [0.14, 18],
      [0.22, 28],
      [0.25, 32],
      [0.32, 40],
      [0.5, 60],
      [0.75, 85],
      [0.82, 90],
      [1.0, 108],
      [1.3, 135],
      [1.5, 150],
      [2.1, 200],
      [2.5, 230],
      [3.3, 275],
      [4.0, 310],
      [5.3, 355],
      [6.0, 360],
      [8.4, 370],
      [10.0, 380],
    ],
  },
  'ul-486a': {
    unit: 'awg',
    scope: 'terminals-lugs-splices',
    /** AWG, lbf */
    rows: [
      [26, 3],
      [24, 5],
      [22, 8],
      [20, 13],
      [18, 20],
      [16, 30],
      [14, 50],
      [12, 70],
      [10, 80],
      [8, 90],
      [6, 100],
    ],
  },
  as7928: {
    unit: 'awg',
    scope: 'terminals-lugs-splices',
    /** AWG, lbf */
    rows: [
      [26, 7],
      [24, 10],
      [22, 15],
      [20, 19],
      [18, 38],
      [16, 50],
      [14, 70],
      [12, 110],
      [10, 150],
      [8, 225],
      [6, 300],
    ],
  },
} as const satisfies Record<
  string,
  {
    unit: 'mm2' | 'awg'
    scope: PullScope
    rows: readonly (readonly [number, number])[]
    gaugeRows?: readonly (readonly [number, number])[]
  }
>

export type PullTableId = keyof typeof pullTables
