import type { ScpiInstrument } from '../scpiServer'
import type { MountedPiece } from './mountedPiece'

/** Repeatability of a crimp micrometer in a steady hand. */
const REPEATS_MM = 0.004

/** A crimp micrometer that ships with the app: the height of the piece, as a hand repeats it. */
export function micrometer({ piece, normal }: { readonly piece: () => MountedPiece; readonly normal: () => number }): ScpiInstrument {
  return {
    identity: ['URN BENCH', 'TARN-H', 'stand-in', '1.0'],
    commands: {
      'UNIT:LENG?': () => 'MM',
      'MEAS:HEIG?': () => Math.max(0.05, piece().heightMm + normal() * REPEATS_MM).toFixed(3),
    },
  }
}
