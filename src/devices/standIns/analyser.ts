import type { ScpiInstrument } from '../scpiServer'

/** SCPI's figure for what is beyond every range: an open circuit. */
const OVERLOAD = '9.9E37'
/** Noise of a four-wire reading. */
const NOISE_OHM = 0.0004

/**
 * A cable analyser that ships with the app: it measures between two points of the harness that lies on it. `SIM:HARN` says
 * what is joined, as pairs with their resistance; nothing is joined to begin with.
 */
export function analyser({ normal }: { readonly normal: () => number }): ScpiInstrument {
  const joined = new Map<string, number>()
  return {
    identity: ['URN BENCH', 'TARN-A', 'stand-in', '1.0'],
    commands: {
      'UNIT:RES?': () => 'OHM',
      'SIM:HARN': (said) => {
        joined.clear()
        for (const pair of said.split(';').filter((one) => one !== '')) {
          const [from = '', to = '', ohm = ''] = pair.split(/[=:]/)
          if (from === '' || to === '' || !(Number(ohm) >= 0)) return { error: [-224, 'Illegal parameter value'] }
          joined.set(`${from},${to}`, Number(ohm))
          joined.set(`${to},${from}`, Number(ohm))
        }
        return undefined
      },
      'MEAS:RES?': (said) => {
        const ohm = joined.get(said.replaceAll(' ', ''))
        return ohm === undefined ? OVERLOAD : Math.max(0, ohm + normal() * NOISE_OHM).toFixed(4)
      },
    },
  }
}
