import type { ScpiInstrument, ScpiReply } from '../scpiServer'
import { HarnessModel } from './harnessModel'

/** SCPI's figure for what is beyond every range: an open circuit. */
const OVERLOAD = '9.9E37'
/** Noise of a four-wire reading. */
const NOISE_OHM = 0.0004
/** Pairs are gone through this fast. */
const PAIRS_PER_S = 6000
/** What goes out together: a network does not wake a thousand times a second. */
const BATCH_MS = 20
/** Readings of all channels together in a second; so many channels are read a thousand times each. */
const READINGS_PER_S = 64_000
const FASTEST_HZ = 1000
const MOST_CHANNELS = 2048

const ILLEGAL: ScpiReply = { error: [-224, 'Illegal parameter value'] }

export interface AnalyserParts {
  /** one draw of a standard normal */
  readonly normal: () => number
  /** one draw from 0 to 1 */
  readonly chance: () => number
  /** calls again and again; gives how to stop */
  readonly every: (ms: number, act: () => void) => () => void
  /** how many times faster than a clock its seconds go; 1 when left out */
  readonly pace?: number | undefined
}

/**
 * A cable analyser that ships with the app: it measures between the points of the harness that lies on it, goes through all
 * pairs of them, and watches wires while they are moved. It cannot see what lies on it, nor what the hands do: `SIM:HARN` empties
 * it, `SIM:JOIN` says what is joined (`1,2=0.05;…`), `SIM:INTE` which joint opens now and then and where (`1,2=1/W3/b bend`),
 * `SIM:MOVE` what is being moved. A real one never hears of them.
 */
export function analyser({ normal, chance, every, pace = 1 }: AnalyserParts): ScpiInstrument {
  const harness = new HarnessModel(chance)
  const say = (ohm: number | undefined) =>
    ohm === undefined ? OVERLOAD : Math.max(0, ohm + normal() * NOISE_OHM).toFixed(4)
  return {
    identity: ['URN BENCH', 'TARN-A', 'stand-in', '1.0'],
    commands: {
      'UNIT:RES?': () => 'OHM',
      'SIM:HARN': (said) => {
        harness.clear()
        return said === '' || harness.join(said) ? undefined : ILLEGAL
      },
      'SIM:JOIN': (said) => (harness.join(said) ? undefined : ILLEGAL),
      'SIM:INTE': (said) => (harness.loosen(said) ? undefined : ILLEGAL),
      'SIM:MOVE': (said) => {
        harness.moved = said
        return undefined
      },
      'MEAS:RES?': (said) => {
        const [from = '', to = ''] = said.split(',').map((part) => part.trim())
        return say(harness.ohm(from, to))
      },
      'SCAN:PAIR?': (said) => {
        const [points = NaN, belowOhm = NaN, from = 0] = said.split(',').map(Number)
        if (!(Number.isInteger(points) && points >= 2 && points <= 4096 && belowOhm > 0 && from >= 0)) return ILLEGAL
        return scan({ harness, say, every }, points, belowOhm, from)
      },
      'TRAC:RES?': (said) => {
        const channels = said.split(';').map((pair) => pair.split(',').map((part) => part.trim()))
        if (channels.some((pair) => pair.length !== 2) || channels.length > MOST_CHANNELS) return ILLEGAL
        return watch({ harness, say, every }, channels, pace)
      },
    },
  }
}

interface Measuring {
  readonly harness: HarnessModel
  readonly say: (ohm: number | undefined) => string
  readonly every: AnalyserParts['every']
}

/** `JOIN p,q,ohm` for each pair below the limit, `AT k` for how many pairs are done, `END total`. */
const scan = ({ harness, say, every }: Measuring, points: number, belowOhm: number, from: number): ScpiReply => ({
  stream: (send, over) => {
    const total = (points * (points - 1)) / 2
    let done = Math.min(from, total)
    let [one, other] = pairAt(done, points)
    const stop = every(BATCH_MS, () => {
      for (let left = Math.round((PAIRS_PER_S * BATCH_MS) / 1000); left > 0 && done < total; left--, done++) {
        const ohm = harness.ohm(String(one), String(other))
        if (ohm !== undefined && ohm < belowOhm) send(`JOIN ${String(one)},${String(other)},${say(ohm)}`)
        other++
        if (other > points) {
          one++
          other = one + 1
        }
      }
      send(`AT ${String(done)}`)
      if (done < total) return
      send(`END ${String(total)}`)
      stop()
      over()
    })
    return stop
  },
})

/** `RATE hz`, then a line a sample: seconds, and the reading of each channel. Goes on until the link is closed. */
const watch = (
  { harness, say, every }: Measuring,
  channels: readonly (readonly string[])[],
  pace: number,
): ScpiReply => ({
  stream: (send) => {
    const rateHz = Math.min(FASTEST_HZ, Math.floor(READINGS_PER_S / channels.length))
    send(`RATE ${String(rateHz)}`)
    let at = 0
    let owed = 0
    return every(BATCH_MS, () => {
      owed += (pace * rateHz * BATCH_MS) / 1000
      for (; owed >= 1; owed--, at++) {
        const s = at / rateHz
        const read = channels.map(([from = '', to = '']) => say(harness.watched(from, to, s, 1 / rateHz)))
        send(`${s.toFixed(4)},${read.join(',')}`)
      }
    })
  },
})

/** The pair of this place in the order of all pairs. */
function pairAt(place: number, points: number): [number, number] {
  let left = place
  for (let one = 1; one < points; one++) {
    const row = points - one
    if (left < row) return [one, one + 1 + left]
    left -= row
  }
  return [points, points + 1]
}
