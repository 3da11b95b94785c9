import { chooseSets } from '../../src/core/work/kit/chooseSets'
import { bestSet } from '../../src/core/craft/fit/fit'
import type { FitQuery } from '../../src/core/craft/fit/fitTypes'
import { emptyPlan, type Plan } from '../../src/core/record/plan/plan'
import { houseRules } from '../../src/core/parts/rules/houseRules'
import { largeCatalogue } from './largeCatalogue'
import { line, timed } from './measure'

const TERMINATIONS = 1000

/** A plan of many wires with one side each in a cavity of some family, all kinds of wire mixed. */
function plan(families: number): Plan {
  const types = ['TW-0.35', 'TW-0.5', 'TW-0.75', 'TW-1.0', 'TW-1.5', 'TW-20']
  const ends: Plan['ends'] = []
  const wires: Plan['wires'] = []
  for (let i = 0; wires.length < TERMINATIONS; i++) {
    ends.push({ id: `E${i}`, housing: `H-${i % families}` })
    for (let cavity = 1; cavity <= 7 && wires.length < TERMINATIONS; cavity++) {
      const n = wires.length
      wires.push({
        id: `W${n}`,
        type: types[n % types.length] ?? 'TW-0.5',
        colour: 'RD',
        from: { kind: 'cavity', end: `E${i}`, cavity: String(cavity) },
        to: { kind: 'open' },
        lengthMm: 500,
        currentA: 0.1 + (n % 7),
      })
    }
  }
  return { ...emptyPlan, ends, wires }
}

const results = [1000, 5000, 10_000].map((contacts) => {
  const catalogue = largeCatalogue(contacts)
  const wanted = plan(contacts / 100)
  const ms = timed(7, () => chooseSets(catalogue, wanted, new Map(), '2026-11-25'))
  line(`choose sets for ${TERMINATIONS} terminations among ${contacts} contacts`, ms)
  const queries = wanted.wires.map((wire): FitQuery => {
    const end = wanted.ends.find((one) => wire.from.kind === 'cavity' && one.id === wire.from.end)
    const housing = catalogue.housings.get(end?.housing ?? '')
    const [cavity] = housing?.cavities ?? []
    if (!housing || !cavity) throw new Error('housing')
    return {
      housing,
      cavity,
      wire: { areaMm2: 0.5, insulationMm: 1.6 },
      ambientC: 20,
      rules: houseRules['sheet-strict'],
      today: '2026-11-25',
    }
  })
  line(
    '  the same without remembering like terminations',
    timed(5, () => queries.map((query) => bestSet(catalogue, query))),
  )
  return ms
})
console.log(`ten times the catalogue: ${((results[2] ?? NaN) / (results[0] ?? NaN)).toFixed(2)} times the time`)
