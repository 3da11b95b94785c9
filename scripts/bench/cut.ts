import { cutPlan } from '../../src/core/craft/cut/cutPlan'
import { line } from './measure'

/** A day's cutting of one wire type: 2,000 pieces of 60 lengths from 40 spools, with room to spare and without. */
let state = 7
const next = (below: number) => {
  state = (state * 1_103_515_245 + 12_345) % 2_147_483_648
  return Math.floor((state / 2_147_483_648) * below)
}
const cuts = Array.from({ length: 60 }, (_, i) => ({ id: `L${i}`, lengthMm: 180 + next(2600), count: 20 + next(27) }))
const pieces = cuts.reduce((sum, cut) => sum + cut.count, 0)
const total = cuts.reduce((sum, cut) => sum + cut.lengthMm * cut.count, 0)
for (const [what, share] of [
  ['room to spare', 1.6],
  ['hardly any room', 1.001],
  ['too little', 0.9],
] as const) {
  const spools = Array.from({ length: 40 }, (_, i) => ({
    id: `S${i}`,
    lengthMm: Math.round(((0.4 + next(1200) / 1000) * total * share) / 40),
  }))
  const from = performance.now()
  const plan = cutPlan({ spools, cuts, kerfMm: 0.5 })
  line(`cut plan, ${pieces} pieces of 60 lengths from 40 spools, ${what}`, performance.now() - from)
  if (!plan.ok) throw new Error(plan.fault.kind)
  const { spoolsOpened, bound, wasteMm, longestLeftMm, short, proven } = plan.value
  console.log(
    `  ${spoolsOpened} spools opened, at least ${bound}; ${wasteMm} mm wasted; ${longestLeftMm} mm left on one; ${short.reduce((sum, one) => sum + one.count, 0)} short; ${proven ? 'proven best' : 'not proven'}`,
  )
}
