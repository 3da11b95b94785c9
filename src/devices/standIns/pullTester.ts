import { instruments } from '@/core/base/instrument/instruments'
import type { ScpiInstrument } from '../scpiServer'
import type { MountedPiece } from './mountedPiece'

/** SCPI's figure for a reading that is none: its jaws are empty. */
const NOTHING_IN = '9.91E37'
/** Points of a pull come this often. */
const POINTS_PER_S = 1000
/** Points that go out together: a network does not wake a thousand times a second. */
const BATCH_MS = 20
/** Rise of the force with the way, N/s, until the piece gives way. */
const RISE_N_PER_S = 120
/** Noise of the load cell, share of its range. */
const NOISE = 0.00002

export interface PullTesterParts {
  /** the piece in the jaws */
  readonly piece: () => MountedPiece | undefined
  /** one draw of a standard normal */
  readonly normal: () => number
  /** calls again and again; gives how to stop */
  readonly every: (ms: number, act: () => void) => () => void
}

/**
 * A pull tester of 5 kN that ships with the app: an honest simulation over the specimen model. A bad strip pulls out low.
 */
export function pullTester({ piece, normal, every }: PullTesterParts): ScpiInstrument {
  const { max } = instruments['pull-tester']
  const noisy = (forceN: number) => Math.min(max, Math.max(0, forceN + normal() * NOISE * max))
  return {
    identity: ['URN BENCH', 'TARN-P', 'stand-in', '1.0'],
    commands: {
      'UNIT:FORC?': () => 'N',
      'MEAS:FORC?': () => {
        const now = piece()
        return now ? noisy(now.seen.pullN).toFixed(2) : NOTHING_IN
      },
      'TRAC:PULL?': () => ({
        stream: (send, over) => {
          const now = piece()
          if (!now) {
            send(`0.000,${NOTHING_IN}`)
            over()
            return () => undefined
          }
          const { pullN, breaks } = now.seen
          // what slips out keeps some friction, what breaks falls at once
          const tail = breaks === 'pulled-out' ? 0.25 : 0
          const tailPoints = Math.round(POINTS_PER_S * (tail > 0 ? 0.4 : 0.05))
          const risePoints = Math.max(1, Math.ceil((pullN / RISE_N_PER_S) * POINTS_PER_S))
          let at = 0
          let peakN = 0
          const stop = every(BATCH_MS, () => {
            for (let i = 0; i < (POINTS_PER_S * BATCH_MS) / 1000; i++, at++) {
              if (at > risePoints + tailPoints) {
                send(`END,${peakN.toFixed(2)},${breaks}`)
                stop()
                over()
                return
              }
              const force =
                at <= risePoints ? (pullN * at) / risePoints : pullN * tail * (1 - (at - risePoints) / tailPoints)
              const shown = Number(noisy(force).toFixed(2))
              peakN = Math.max(peakN, shown)
              send(`${(at / POINTS_PER_S).toFixed(3)},${shown.toFixed(2)}`)
            }
          })
          return stop
        },
      }),
    },
  }
}
