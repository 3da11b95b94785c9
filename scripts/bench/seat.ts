import type { Housing } from '../../src/core/parts/catalogue/types'
import { placeCavities } from '../../src/core/base/face/arrangement'
import { planFacts } from '../../src/core/record/plan/facts'
import { emptyPlan, type Plan } from '../../src/core/record/plan/plan'
import { seatOrder } from '../../src/core/work/seat/seatOrder'
import { demoShelf } from '../../src/core/parts/catalogue/demoShelf.testing'
import { keyTimer, often, openApp } from './app'
import { line, timed } from './measure'

/** A face of two hundred cavities: the order in which it is filled, and the selection that moves over it in a browser. */
const ROWS = 8
const PER_ROW = 25
const catalogue = demoShelf()
const like = catalogue.housings.get('BQ-14P')
if (!like) throw new Error('the demo has no BQ-14P')
const arrangement: Housing['arrangement'] = {
  kind: 'rows',
  rowCounts: Array.from({ length: ROWS }, () => PER_ROW),
  pitchMm: 2.5,
  rowPitchMm: 2.5,
}
const placed = placeCavities(arrangement, { kind: 'numbers', start: 1, order: 'same-side' })
if (!placed.ok) throw new Error(placed.fault.kind)
const size = like.cavities[0]?.size ?? ''
const housing: Housing = {
  ...like,
  id: 'BQ-200',
  name: 'Two hundred ways',
  arrangement,
  outline: { ...like.outline, widthMm: 68, heightMm: 25 },
  mark: { ...like.mark, at: { xMm: -34, yMm: 8 } },
  mates: [],
  cavities: placed.value.map((cavity) => ({ ...cavity, size })),
}

const groups = (cavity: string) => (Number(cavity) % 3 === 0 ? undefined : `twist ${Number(cavity) % 20}`)
line(
  'order of 200 cavities',
  timed(101, () => seatOrder(housing)),
)
line(
  'order of 200 cavities with groups, half of them by hand',
  timed(101, () =>
    seatOrder(
      housing,
      groups,
      housing.cavities
        .slice(0, 100)
        .map((one) => one.id)
        .reverse(),
    ),
  ),
)

const plan: Plan = {
  ...emptyPlan,
  title: 'Two hundred',
  ends: [{ id: 'A', housing: housing.id }],
  wires: housing.cavities.map(({ id }) => ({
    id: `W${id}`,
    type: 'TW-0.25',
    colour: 'RD',
    from: { kind: 'cavity', end: 'A', cavity: id },
    to: { kind: 'open' },
    lengthMm: 300,
  })),
}
const shelf = { ...catalogue, housings: new Map([...catalogue.housings, [housing.id, housing]]) }
const { base, page, close } = await openApp('seat')
const made = await fetch(`${base}/api/v1/jobs`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ format: 'urn-bench/job', version: 1, plan, facts: planFacts(shelf, plan, undefined) }),
})
if (made.status !== 201) throw new Error(await made.text())
const { id } = (await made.json()) as { id: string }
await page.goto(`${base}/jobs/${id}/seat`)
await page.waitForTimeout(1500)
const press = await keyTimer(page)
await press('selection moves over a face of 200 cavities', often(['j', 'j', 'j', 'k'], 8))
await press('face flipped', often(['f'], 8))
await press('face zoomed and back', often(['z'], 8))
await close()
