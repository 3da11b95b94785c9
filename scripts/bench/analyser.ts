import { normalDraws } from '../../src/core/craft/specimen/scatter'
import { InstrumentDesk } from '../../src/devices/instrumentDesk'
import { serveInstrument } from '../../src/devices/scpiServer'
import { analyser } from '../../src/devices/standIns/analyser'
import { line } from './measure'

/** All pairs of 256 points from the stand-in: how long, how often it says how far it is, and the longest silence between. */
const POINTS = 256
let seed = 7
const chance = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647
const server = await serveInstrument(
  analyser({
    normal: normalDraws(1),
    chance,
    every: (ms, act) => {
      const timer = setInterval(act, ms)
      return () => clearInterval(timer)
    },
  }),
)
const joints = Array.from({ length: POINTS / 2 }, (_, i) => ({ from: i + 1, to: POINTS / 2 + i + 1, ohm: 0.05 }))
const heard: number[] = []
const from = performance.now()
const ran = await new InstrumentDesk().scan(
  { host: '127.0.0.1', port: server.port },
  { points: POINTS, belowOhm: 100, harness: { joints, loose: [] } },
  () => heard.push(performance.now()),
  new AbortController().signal,
)
if (!ran.ok) throw new Error(ran.fault.kind)
const pairs = (POINTS * (POINTS - 1)) / 2
line(`analyser, all ${String(pairs)} pairs of ${String(POINTS)} points`, performance.now() - from)
const silences = heard.map((at, i) => at - (heard[i - 1] ?? from))
line(`  told ${String(heard.length)} times how far it is, the longest silence`, Math.max(...silences))
console.log(`  joined: ${String(ran.value.joined.length)} of ${String(joints.length)}`)
await server.close()
