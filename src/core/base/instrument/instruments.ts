/** The kinds of bench instruments: what each measures, in which unit it answers, and what it can answer. */
export type InstrumentId = 'pull-tester' | 'micrometer' | 'analyser'

export interface InstrumentKind {
  readonly id: InstrumentId
  /** second part of its `*IDN?` */
  readonly model: string
  readonly question: string
  readonly unit: 'N' | 'mm' | 'ohm'
  readonly unitQuestion: string
  readonly min: number
  readonly max: number
}

export const instruments: Readonly<Record<InstrumentId, InstrumentKind>> = {
  'pull-tester': {
    id: 'pull-tester',
    model: 'TARN-P',
    question: 'MEAS:FORC?',
    unit: 'N',
    unitQuestion: 'UNIT:FORC?',
    min: 0,
    max: 5000,
  },
  micrometer: {
    id: 'micrometer',
    model: 'TARN-H',
    question: 'MEAS:HEIG?',
    unit: 'mm',
    unitQuestion: 'UNIT:LENG?',
    min: 0.05,
    max: 25,
  },
  analyser: {
    id: 'analyser',
    model: 'TARN-A',
    question: 'MEAS:RES?',
    unit: 'ohm',
    unitQuestion: 'UNIT:RES?',
    min: 0,
    max: 1e6,
  },
}

export const isInstrument = (text: string): text is InstrumentId => Object.hasOwn(instruments, text)
