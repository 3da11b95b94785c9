import { evenDraws, normalDraws } from '@/core/craft/specimen/scatter'
import { serveInstrument } from '../scpiServer'
import { analyser } from './analyser'
import { micrometer } from './micrometer'
import { pieceHolder } from './mountedPiece'
import { pullTester } from './pullTester'

/**
 * The bench instruments that ship with the app, in a process of their own, each on a free port of this machine. Says on one
 * line where they are: `pull-tester=127.0.0.1:40001,micrometer=…`.
 */
/** for tests: the seconds of what is watched go faster than the clock's */
const pace = Number(process.env.URN_BENCH_PACE ?? '1')
const seed = Number(process.env.URN_BENCH_SEED ?? '20261125')
const every = (ms: number, act: () => void) => {
  const timer = setInterval(act, ms)
  return () => clearInterval(timer)
}

const jaws = pieceHolder(normalDraws(seed))
const anvil = pieceHolder(normalDraws(seed + 1))
const tester = pullTester({ piece: jaws.piece, normal: normalDraws(seed + 2), every })
const height = micrometer({ piece: anvil.piece, normal: normalDraws(seed + 3) })
const served = await Promise.all([
  serveInstrument({ ...tester, commands: { ...tester.commands, 'SIM:PIEC': jaws.command } }),
  serveInstrument({ ...height, commands: { ...height.commands, 'SIM:PIEC': anvil.command } }),
  serveInstrument(analyser({ normal: normalDraws(seed + 4), chance: evenDraws(seed + 5), every, pace })),
])
const ids = ['pull-tester', 'micrometer', 'analyser']
console.log(ids.map((id, i) => `${id}=127.0.0.1:${String(served[i]?.port ?? 0)}`).join(','))
// they live as long as whoever started them
process.stdin.on('end', () => process.exit(0)).resume()
