import { diagnose } from '../../src/core/craft/diagnosis/diagnose'
import { explain } from '../../src/core/craft/diagnosis/explain'
import { type Groups, groupsOf, membersOf, sharing } from '../../src/core/craft/diagnosis/partition'
import { place, rowPlacements, swapOf } from '../../src/core/craft/diagnosis/placements'
import { pointsOf } from '../../src/core/craft/diagnosis/points'
import { line } from './measure'

/** A harness of 200 ways with one to four mistakes of every kind: how long until they are named, and whether fewer were found than made. */
const ROUNDS = 24
const WAYS = 200
let seed = 7
const chance = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647
const below = (count: number) => Math.floor(chance() * count)

const faces = {
  'one row': [Array.from({ length: WAYS }, (_, i) => String(i + 1))],
  'ten rows': Array.from({ length: 10 }, (_, r) => Array.from({ length: WAYS / 10 }, (_, i) => String(r * 20 + i + 1))),
}
for (const [face, rows] of Object.entries(faces))
  for (const used of [WAYS, 160]) {
    const ends = ['A', 'B'].map((id) => ({ id, rows }))
    const points = pointsOf({ ends })
    const pins = rows.flat().slice(0, used)
    const expected = pins.map((pin) => [`A.${pin}`, `B.${pin}`])
    const is = groupsOf(
      points.names.length,
      expected.map((net) => net.map((one) => points.numbers.get(one) ?? 0)),
    )
    const filled = sharing(is)
    const moves = points.ends.flatMap((end) => rowPlacements(end, (point) => filled.has(point)))
    let slowest = 0
    let total = 0
    let worse = 0
    for (let round = 0; round < ROUNDS; round++) {
      const made = 1 + (round % 4)
      let groups: Groups = is
      let cost = 0
      const breaks: number[][] = []
      for (let i = 0; i < made; i++) {
        const kind = below(4)
        const row = moves[below(moves.length)]
        if (kind === 0 && row) {
          groups = place(groups, row)
          cost += row.cost
          continue
        }
        cost++
        if (kind === 1) groups = place(groups, swapOf(0, below(used), below(used)))
        if (kind === 2) breaks.push([below(used)])
        if (kind === 3) breaks.push([below(used), below(used)])
      }
      const members = membersOf(groups).map((group) => [...group])
      for (const [a = 0, b] of breaks)
        if (b !== undefined) members.push([a, b])
        else for (const group of members) if (group.includes(a)) group.splice(group.indexOf(a), 1)
      const found = groupsOf(is.length, members)
      const measured = membersOf(found)
        .filter((group) => group.length > 1)
        .map((group) => group.map((point) => points.names[point] ?? ''))
      const from = performance.now()
      const told = diagnose({ ends, expected, measured })
      const took = performance.now() - from
      total += took
      slowest = Math.max(slowest, took)
      if (!told.ok) throw new Error(JSON.stringify(told.fault))
      if (explain(points.ends, is, found).cost > cost) worse++
    }
    line(`diagnose ${face}, ${String(used)} of ${String(WAYS)} wired, mean of ${String(ROUNDS)}`, total / ROUNDS)
    line('  the slowest', slowest)
    console.log(`  more mistakes named than were made: ${String(worse)}`)
  }
