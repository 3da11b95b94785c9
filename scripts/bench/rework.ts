import { movePlan } from '../../src/core/work/rework/movePlan'
import type { MoveProblem } from '../../src/core/work/rework/moveTypes'
import { line, timed } from './measure'

/** Move plans for a thousand cavities, forty in a row: one ring, chance, nothing but swaps, chains with wires added and removed. */
const WAYS = 1000
const places = Array.from({ length: WAYS }, (_, i) => i)
const byChance = [...places].sort((a, b) => ((a * 7919) % 1009) - ((b * 7919) % 1009))
const at = (place: string) => ({ xMm: Number(place) % 40, yMm: Math.floor(Number(place) / 40) })
const problem = (
  to: (place: number) => number,
  there: (place: number) => boolean = () => true,
  wanted: (place: number) => boolean = () => true,
): MoveProblem => ({
  now: new Map(places.filter(there).map((place) => [String(place), `w${place}`])),
  wanted: new Map(places.filter((place) => wanted(to(place))).map((place) => [String(to(place)), `w${place}`])),
  at,
})
for (const [what, one] of [
  ['one ring', problem((place) => (place + 1) % WAYS)],
  ['by chance', problem((place) => byChance[place] ?? 0)],
  ['swaps', problem((place) => place ^ 1)],
  [
    'chains, wires added and removed',
    problem(
      (place) => byChance[place] ?? 0,
      (place) => place % 7 !== 0,
      (place) => place % 5 !== 0,
    ),
  ],
] as const) {
  line(
    `move plan of ${WAYS} cavities, ${what}`,
    timed(21, () => movePlan(one)),
  )
  const plan = movePlan(one)
  if (!plan.ok) throw new Error(plan.fault.kind)
  console.log(
    `  ${plan.value.extractions} out, ${plan.value.parkings} aside, ${plan.value.parkedAtOnce} at one time; ${Math.round(plan.value.walk.mm)} mm of way${plan.value.walk.shortest ? ', the shortest' : ''}`,
  )
}
