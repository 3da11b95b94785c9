import type { ScpiInstrument } from '../scpiServer'
import type { MountedPiece } from './mountedPiece'

/** Repeatability of a crimp micrometer in a steady hand. */
const REPEATS_MM = 0.004

/** SCPI's figure for a reading that is none: its jaws are empty. */
const NOTHING_IN = '9.91E37'

/** A crimp micrometer that ships with the app: the height of the piece, as a hand repeats it. */
export function micrometer({
  piece,
  normal,
}: {
  readonly piece: () => MountedPiece | undefined
  readonly normal: () => number
}): ScpiInstrument {
  return {
    identity: ['URN BENCH', 'TARN-H', 'stand-in', '1.0'],
    commands: {
      'UNIT:LENG?': () => 'MM',
      'MEAS:HEIG?': () => {
        const now = piece()
        return now ? Math.max(0.05, now.heightMm + normal() * REPEATS_MM).toFixed(3) : NOTHING_IN
      },
    },
  }
}
