/** The kinds of bench instruments: what each measures, in which unit it answers, and what it can answer. */
export interface InstrumentKind {
  readonly id: 'pull-tester' | 'micrometer'
  /** second part of its `*IDN?` */
  readonly model: string
  readonly question: string
  readonly unit: 'N' | 'mm'
  readonly unitQuestion: string
  readonly min: number
  readonly max: number
}

export const instruments = {
  'pull-tester': { id: 'pull-tester', model: 'TARN-P', question: 'MEAS:FORC?', unit: 'N', unitQuestion: 'UNIT:FORC?', min: 0, max: 5000 },
  micrometer: { id: 'micrometer', model: 'TARN-H', question: 'MEAS:HEIG?', unit: 'mm', unitQuestion: 'UNIT:LENG?', min: 0.05, max: 25 },
} as const satisfies Record<InstrumentKind['id'], InstrumentKind>
