import type { Plausible } from './parseQuantity'

/** What a figure of a field may be, in its base unit. It decides what `1,200` is, and refuses nothing. */
export const plausible = {
  wireLengthMm: [10, 100_000],
  cutBackMm: [0.5, 500],
  stripMm: [0.5, 60],
  insulationMm: [0.3, 60],
  strandMm: [0.01, 5],
  crimpHeightMm: [0.2, 6],
  /** of a contact or a housing, as callipers say it */
  partMm: [0.05, 200],
  pullN: [1, 20_000],
  tugN: [0.5, 500],
  netOhm: [1e-4, 500],
  meterStepOhm: [1e-6, 10],
  currentA: [1e-4, 900],
  areaMm2: [0.01, 500],
} as const satisfies Readonly<Record<string, Plausible>>
