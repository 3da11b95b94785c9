import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { houseRules } from '../../parts/rules/houseRules'
import { pinoutOf } from '../../record/plan/pinoutOf.testing'
import { emptyPlan } from '../../record/plan/plan'
import { foldEntry } from '../../record/journal/fold'
import { nextStep } from '../../views/steps'
import { workThrough } from '../../views/workThrough.testing'
import { firstEntries } from '../kit/firstEntries'
import { refusalOf } from '../left/refusalOf'
import { workLeft } from '../left/workLeft'
import { throughTasks } from './throughTasks'

const at = '2026-11-29T09:00:00.000Z'
let made = 0
const newId = () => `through-${String(++made).padStart(6, '0')}`
const shelf = demoShelf()
const read =
  pinoutOf(`wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,signal,current
W1,TW-0.75,RD,A,1,CM-3P,X,1,SW-5P,620 mm,supply,0.8 A
W2,TW-0.75,BK,A,2,CM-3P,X,2,SW-5P,620 mm,return,0.8 A
V1,TW-0.75,RD,B,1,CM-3R,Y,1,SW-5P,620 mm,supply,0.8 A
V2,TW-0.75,BK,B,2,CM-3R,Y,2,SW-5P,620 mm,return,0.8 A`)

/** Two leads whose halves A and B go together, seated and put together. */
function together(throughPairs: 'not-asked' | 'each-circuit') {
  const rules = { ...houseRules['sheet-strict'], throughPairs, isolation: 'not-asked', id: 'of-this-test' } as const
  const plan = {
    ...emptyPlan,
    rules: 'of-this-test',
    ends: read.ends.map((end) => (end.id === 'A' ? { ...end, mate: 'B' } : end)),
    wires: [...read.wires],
  }
  const catalogue = { ...shelf, rules: new Map([...shelf.rules, ['of-this-test', rules]]) }
  const { folded } = workThrough(firstEntries(catalogue, plan, '2026-11-29', newId), {
    newId,
    stamp: () => ({ at, by: 'teodor' }),
    until: (_state, step) => step.station === 'prove',
  })
  const put = (said: object) => {
    const entry = { ...said, id: newId(), seq: folded.state.seq + 1, at, by: 'teodor' } as Parameters<
      typeof foldEntry
    >[1]
    const refusal = refusalOf(folded, entry, entry)
    if (!refusal) foldEntry(folded, entry)
    return refusal
  }
  return { state: folded.state, put }
}
const probed = (red: string, black: string, result = 'pass') => ({
  kind: 'through-probed',
  unit: 1,
  a: 'A',
  b: 'B',
  red,
  black,
  result,
})

test('two halves that are together are probed through, far point to far point, where the rules ask', () => {
  expect(throughTasks(together('not-asked').state, 1)).toEqual([])
  const { state, put } = together('each-circuit')
  const circuits = throughTasks(state, 1)
  expect(circuits.map(({ red, black, cavities, wires }) => ({ red, black, cavities, wires }))).toEqual([
    { red: 'X.1', black: 'Y.1', cavities: ['1'], wires: ['W1', 'V1'] },
    { red: 'X.2', black: 'Y.2', cavities: ['2'], wires: ['W2', 'V2'] },
  ])
  const left = workLeft(state)
  expect(put(probed('X.1', 'Y.1'))).toBeUndefined()
  expect(workLeft(state)).toBe(left - 1)
  // the probes may touch them the other way round; between others there is no circuit
  expect(put(probed('Y.2', 'X.2', 'fail'))).toBeUndefined()
  expect(put(probed('X.1', 'Y.2'))).toMatchObject({ kind: 'unknown', what: 'cavity' })
  expect(put({ ...probed('X.1', 'Y.1'), b: 'Y' })).toMatchObject({ kind: 'unknown', what: 'end' })
})

test('one that does not ring is said next; halves that were parted are probed through anew', () => {
  const { state, put } = together('each-circuit')
  for (const wire of ['W1', 'W2', 'V1', 'V2']) put({ kind: 'net-probed', unit: 1, wire, result: 'pass' })
  expect(nextStep(state)).toMatchObject({ kind: 'probe-through', circuits: 2 })
  put(probed('X.1', 'Y.1'))
  put(probed('X.2', 'Y.2', 'fail'))
  expect(nextStep(state)).toMatchObject({ kind: 'put-through-right', focus: 'through 1/X.2|Y.2' })
  expect(put({ kind: 'pair-parted', unit: 1, a: 'A', b: 'B', checked: ['latch'] })).toBeUndefined()
  // both faces are looked over again
  expect(nextStep(state)).toMatchObject({ station: 'seat', kind: 'seat', task: { kind: 'look-over' } })
  expect(throughTasks(state, 1)).toEqual([])
  expect(put(probed('X.2', 'Y.2'))).toMatchObject({ kind: 'not-yet', what: 'mated' })
  expect(put({ kind: 'pair-parted', unit: 1, a: 'A', b: 'B', checked: [] })).toMatchObject({ kind: 'not-yet' })
  for (const end of ['A', 'B']) put({ kind: 'end-looked-over', unit: 1, end, pushedBack: [] })
  expect(put({ kind: 'pair-mated', unit: 1, a: 'A', b: 'B', checked: ['keys'] })).toBeUndefined()
  expect(throughTasks(state, 1).map(({ found }) => found)).toEqual([undefined, undefined])
})
