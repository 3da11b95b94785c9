import { expect, test } from 'vitest'
import { closeTaskWords } from '@/words/closing'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { foldEntry } from '../../record/journal/fold'
import { pinoutOf } from '../../record/plan/pinoutOf.testing'
import { type Plan, emptyPlan } from '../../record/plan/plan'
import { nextStep } from '../../views/steps'
import { workThrough } from '../../views/workThrough.testing'
import { firstEntries } from '../kit/firstEntries'
import { refusalOf } from '../left/refusalOf'
import { type CloseTask, closeTasks } from './closeTasks'
import { proposeLayout } from './proposeLayout'

const at = '2026-11-29T09:00:00.000Z'
let made = 0
const newId = () => `close-${String(++made).padStart(6, '0')}`

/** A job of a pinout, worked on until Close is due. */
function atClose(csv: string, layout: (plan: Plan) => Partial<Plan> = () => ({})) {
  const read = pinoutOf(csv)
  const plan: Plan = { ...emptyPlan, ends: [...read.ends], wires: [...read.wires] }
  const { folded } = workThrough(firstEntries(demoShelf(), { ...plan, ...layout(plan) }, '2026-11-29', newId), {
    newId,
    stamp: () => ({ at, by: 'teodor' }),
    until: (_state, step) => step.station === 'close',
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
const nextWords = (state: Parameters<typeof nextStep>[0]) => {
  const step = nextStep(state)
  return step.kind === 'close-task' ? closeTaskWords(step) : step.kind
}
const taskOf = (tasks: readonly CloseTask[], key: string) => tasks.find((task) => task.key === key)

const round = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length
W1,TW-0.5,RD,R,A,RK-7R,X,1,SW-2P,620 mm
W2,TW-0.5,BK,R,B,RK-7R,X,2,SW-2P,620 mm`

test('what the sheet of a round shell asks is made fast before anybody signs, each as it is asked, and the tool rests', () => {
  const { state, put } = atClose(round)
  expect(nextWords(state)).toEqual({ main: 'Make R fast', then: 'jam nut, 5.1 N·m' })
  const fast = { kind: 'shell-secured', unit: 1, end: 'R', what: 'jam-nut', tool: 'TD-5', blockBefore: 5.1, set: 5.1 }
  // set otherwise than its sheet asks it is written down, and is not what was asked
  expect(put({ ...fast, set: 4, blockBefore: 4 })).toBeUndefined()
  expect(nextWords(state)).toEqual({ main: 'Make R fast', then: 'jam nut, 5.1 N·m' })
  expect(put({ ...fast, blockBefore: 6 })).toMatchObject({ kind: 'block-off' })
  expect(put({ ...fast, asked: 5.1 })).toBeUndefined()
  expect(nextWords(state)).toEqual({ main: 'Make R fast', then: 'backshell, 3.4 N·m' })
  expect(put({ ...fast, what: 'backshell', set: 3.3, blockBefore: 3.4 })).toBeUndefined()
  expect(taskOf(closeTasks(state), 'shell 1/R')).toMatchObject({ done: true })
  expect(nextWords(state)).toEqual({ main: 'Set TD-5 to rest', then: 'held to its block first' })
})

test('a laced bundle is begun and ended with locked knots, and each end has its own label', () => {
  const { state } = atClose(round, (plan) => {
    const layout = proposeLayout(plan)
    return layout ? { layout: { ...layout, held: 'lacing' } } : {}
  })
  const [segment] = closeTasks(state)
  if (segment?.kind !== 'segment') throw new Error('segment')
  const knots = segment.lines.filter(({ what }) => what === 'tie').map(({ knot }) => knot)
  expect([knots[0], ...new Set(knots.slice(1, -1)), knots.at(-1)]).toEqual(['begin', 'hitch', 'end'])
  expect(segment.lines.filter(({ what }) => what === 'label').map(({ end }) => end)).toEqual(['R', 'X'])
  expect(nextWords(state)).toEqual({ main: 'Begin lacing R at 40 mm', then: '2 stretches left' })
})
