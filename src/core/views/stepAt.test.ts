import { expect, test } from 'vitest'
import { demoShelf } from '../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../record/plan/pinoutOf.testing'
import { emptyPlan } from '../record/plan/plan'
import type { JobState } from '../record/state/state'
import { firstEntries } from '../work/kit/firstEntries'
import type { Station } from './progress'
import { nextStep, stepAt } from './steps'
import { workThrough } from './workThrough.testing'

const shelf = demoShelf()
let made = 0
const newId = () => `stays-${String(++made).padStart(5, '0')}`

/** Sealed and unsealed ends, three setups, one end worked in place. */
const csv = `wire,type,colour,from end,from cavity,to end,to cavity,length
W1,TW-0.5,RD,A,1,D,1,900
W2,TW-0.5,BK,A,2,D,2,900
W3,TW-1.0,GN,A,4,D,4,900
W4,TW-0.5,YE,A,5,T,1,900
W5,TW-1.0,BU,A,6,T,2,900`

function begun() {
  const read = pinoutOf(csv, { A: 'CM-10P', D: 'SW-7P', T: 'TB-6' })
  const ends = read.ends.map((end) => (end.id === 'T' ? { ...end, inPlace: true as const } : end))
  return firstEntries(shelf, { ...emptyPlan, rules: 'field-repair', ends, wires: [...read.wires] }, '2026-11-25', newId)
}

/** The stations at which hands work one after the other; all entries are admitted, or it throws. */
function stationsOf(stepOf: (state: JobState) => ReturnType<typeof nextStep>) {
  const passed: Station[] = []
  const { folded, entries } = workThrough(begun(), {
    newId,
    stamp: (seq) => ({ at: new Date(Date.UTC(2026, 10, 25, 9, 0, seq)).toISOString(), by: 'ansa' }),
    // a hand that goes in circles comes to no end
    until: (state) => state.seq > 400,
    stepOf: (state) => {
      const step = stepOf(state)
      if (passed.at(-1) !== step.station) passed.push(step.station)
      return step
    },
  })
  return { passed, state: folded.state, mounted: entries.filter(({ kind }) => kind === 'setup-mounted').length }
}

test('hands that stay at a station while something is left for them there come to the same end, and walk less', () => {
  let here: Station | undefined
  const stays = stationsOf((state) => {
    const step = stepAt(state, here)
    here = step.station
    return step
  })
  const walks = stationsOf(nextStep)
  expect(nextStep(stays.state).kind).toBe('closed')
  expect(nextStep(walks.state).kind).toBe('closed')
  expect(stays.passed.length).toBeLessThan(walks.passed.length)
  // no setup is mounted once more for it: each mounting costs a first piece
  expect(stays.mounted).toBe(walks.mounted)
})

test.each(['prep', 'crimp', 'seat'] as const)(
  'at %s the step is one that can be done there now, or the job’s own',
  (at) => {
    const { state } = stationsOf((now) => {
      const step = stepAt(now, at)
      if (step.station !== at) expect(step).toBe(nextStep(now))
      return step
    })
    expect(nextStep(state).kind).toBe('closed')
  },
)

test('a first piece is of spare wire: it waits for no strip, and no wire of the job is stripped before its release', () => {
  const { folded } = workThrough(begun(), {
    newId,
    stamp: (seq) => ({ at: new Date(Date.UTC(2026, 10, 25, 9, 0, seq)).toISOString(), by: 'ansa' }),
    until: (_state, step) => step.kind === 'strip',
  })
  const { state } = folded
  expect([...state.setups.values()].some(({ released }) => released)).toBe(true)
  expect([...state.terms.values()].some(({ stripped }) => stripped)).toBe(false)
  // released, and nothing stripped: Crimp has nothing left for now
  expect(stepAt(state, 'crimp').station).toBe('prep')
  expect(stepAt(state, undefined)).toBe(nextStep(state))
})
