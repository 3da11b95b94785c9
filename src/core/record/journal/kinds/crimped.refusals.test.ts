import { beforeEach, describe, expect, test } from 'vitest'
import { demoShelf } from '../../../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../../plan/pinoutOf.testing'
import { firstEntries } from '../../../work/kit/firstEntries'
import { type Plan, emptyPlan } from '../../plan/plan'
import { workThrough } from '../../../views/workThrough.testing'
import type { NewEntry } from '../entry'
import type { Moment, Refusal } from '../entryKind'
import { foldEntry } from '../fold'
import type { Folded } from '../folded'
import { refusalOf } from '../../../work/left/refusalOf'

const shelf = demoShelf()
const at = '2026-11-25T09:00:00.000Z'
let made = 0
const newId = () => `refuse-${String(++made).padStart(5, '0')}`

const csv =
  'wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,TW-0.75,RD,A,1,B,1,620\nW2,TW-0.75,BK,A,2,B,2,620'

function plan(more: Partial<Plan> = {}): Plan {
  const read = pinoutOf(csv, { A: 'CM-3P', B: 'SW-2P' })
  return { ...emptyPlan, ends: [...read.ends], wires: [...read.wires], ...more }
}

type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id'> : never) : never

const workUntil = (until: Parameters<typeof workThrough>[1]['until'], more: Partial<Plan> = {}): Folded =>
  workThrough(firstEntries(shelf, plan(more), '2026-11-25', newId), {
    newId,
    stamp: () => ({ at, by: 'ansa' }),
    ...(until && { until }),
  }).folded

function refusal(folded: Folded, said: Said, moment: Moment = { at, by: 'ansa' }): Refusal | undefined {
  return refusalOf(folded, { ...said, id: newId(), seq: folded.state.seq + 1, at: moment.at, by: moment.by }, moment)
}

const put = (folded: Folded, said: Said) => {
  expect(refusal(folded, said)).toBeUndefined()
  foldEntry(folded, { ...said, id: newId(), seq: folded.state.seq + 1, at, by: 'ansa' })
}

describe('at the start', () => {
  let folded: Folded
  beforeEach(() => {
    folded = workUntil(() => true)
  })

  test.each<[string, Said, Partial<Refusal>]>([
    [
      'cutting a wire that is not there',
      { kind: 'wire-cut', unit: 1, wire: 'W9', lengthMm: 100 },
      { kind: 'unknown', what: 'wire' },
    ],
    [
      'cutting for a unit that is not there',
      { kind: 'wire-cut', unit: 2, wire: 'W1', lengthMm: 100 },
      { kind: 'unknown', what: 'wire' },
    ],
    [
      'stripping what is not cut',
      { kind: 'stripped', term: '1/W1/a', stripMm: 5.8, threaded: ['label'], strandsLost: 0 },
      { kind: 'not-yet', what: 'cut' },
    ],
    [
      'stripping a termination that is not there',
      { kind: 'stripped', term: '1/W9/a', stripMm: 5.8, threaded: [], strandsLost: 0 },
      { kind: 'unknown', what: 'termination' },
    ],
    [
      'mending a strip that is none',
      { kind: 'strip-mended', term: '1/W1/a', how: 'cut-back', byMm: 8 },
      { kind: 'not-yet', what: 'stripped' },
    ],
    [
      'mounting a setup that nothing needs',
      { kind: 'setup-mounted', setup: { tool: 'NH-5', nest: '1.5' }, checked: [] },
      { kind: 'unknown', what: 'setup' },
    ],
    ['releasing what is not mounted', { kind: 'setup-released', setup: 'x' }, { kind: 'not-yet', what: 'mounted' }],
    [
      'seating what is not crimped',
      { kind: 'seated', term: '1/W1/a', end: 'A', cavity: '1', checked: [], tugN: 15 },
      { kind: 'not-yet', what: 'crimped' },
    ],
    [
      'seating in a cavity that is not there',
      { kind: 'seated', term: '1/W1/a', end: 'A', cavity: '9', checked: [], tugN: 15 },
      { kind: 'unknown', what: 'cavity' },
    ],
    [
      'taking out what is not in',
      { kind: 'extracted', term: '1/W1/a', why: 'other' },
      { kind: 'not-yet', what: 'seated' },
    ],
    [
      'plugging a cavity that a wire needs',
      { kind: 'plugged', unit: 1, end: 'A', cavity: '1', part: 'CP-M' },
      { kind: 'cavity-in-use' },
    ],
    [
      'plugging with the plug of another size',
      { kind: 'plugged', unit: 1, end: 'A', cavity: '3', part: 'CP-S' },
      { kind: 'unknown', what: 'part' },
    ],
    [
      'fitting a part of another housing',
      { kind: 'part-fitted', unit: 1, end: 'A', part: 'IS-SW2' },
      { kind: 'unknown', what: 'part' },
    ],
    ['closing the lock of an empty end', { kind: 'lock-moved', unit: 1, end: 'A', to: 'closed' }, { kind: 'not-home' }],
    [
      'opening a lock that is open',
      { kind: 'lock-moved', unit: 1, end: 'A', to: 'open' },
      { kind: 'already', what: 'open' },
    ],
    [
      'looking over an end that is not done',
      { kind: 'end-looked-over', unit: 1, end: 'A', pushedBack: [] },
      { kind: 'not-yet', what: 'seated' },
    ],
    [
      'probing what is not seated',
      { kind: 'net-probed', unit: 1, wire: 'W1', result: 'pass' },
      { kind: 'not-yet', what: 'seated', left: 2 },
    ],
    [
      'probing a net that is not there',
      { kind: 'net-probed', unit: 1, wire: 'W9', result: 'pass' },
      { kind: 'unknown', what: 'wire' },
    ],
    ['signing before the work', { kind: 'signed', role: 'builder', covers: 2 }, { kind: 'not-yet', what: 'complete' }],
    [
      'a second signature before the first',
      { kind: 'signed', role: 'second', covers: 2 },
      { kind: 'not-yet', what: 'signed' },
    ],
    ['reopening what is open', { kind: 'reopened', why: 'x' }, { kind: 'not-yet', what: 'signed' }],
    [
      'choosing a set for a wire that is not there',
      {
        kind: 'sets-chosen',
        choices: [{ wire: 'W9', side: 'a', set: null }],
        facts: { families: {}, housings: {}, contacts: {}, seals: {}, parts: {}, wireTypes: {}, tools: {} },
      },
      { kind: 'unknown', what: 'wire' },
    ],
  ])('%s is refused', (_what, said, expected) => {
    expect(refusal(folded, said)).toMatchObject(expected)
  })

  test('a set whose parts the job does not have is refused', () => {
    const set = folded.state.sets.get('W1/a')
    if (!set) throw new Error('set')
    const facts = { families: {}, housings: {}, contacts: {}, seals: {}, parts: {}, wireTypes: {}, tools: {} }
    expect(
      refusal(folded, {
        kind: 'sets-chosen',
        choices: [{ wire: 'W1', side: 'a', set: { ...set, contact: 'constructor' } }],
        facts,
      }),
    ).toEqual({ kind: 'set-impossible', wire: 'W1', side: 'a' })
  })

  test('a wire is cut once', () => {
    put(folded, { kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 620 })
    expect(refusal(folded, { kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 620 })).toEqual({
      kind: 'already',
      what: 'cut',
    })
  })
})

describe('a frame past its verification', () => {
  const late = { at: '2028-01-01T00:00:00.000Z', by: 'ansa' }
  const mount = (folded: Folded): Said => ({
    kind: 'setup-mounted',
    setup: [...folded.state.sets.values()][0]?.setup ?? { tool: 'QF-5' },
    checked: [],
  })

  test('is blocked under strict rules', () => {
    const folded = workUntil((_state, step) => step.kind === 'mount')
    expect(refusal(folded, mount(folded), late)).toMatchObject({ kind: 'tool-overdue' })
    expect(refusal(folded, mount(folded))).toBeUndefined()
  })

  test('is blocked once its count has run out too, where the bench counts', () => {
    const folded = workUntil((_state, step) => step.kind === 'mount')
    const setup = [...folded.state.sets.values()][0]?.setup ?? { tool: 'QF-5' }
    const tool = folded.state.facts.tools[setup.tool]
    if (!tool) throw new Error('its tool is pinned')
    const counted = { ...folded.state.facts.tools, [tool.id]: { ...tool, dueEveryStrokes: 500 } }
    const state = { ...folded.state, facts: { ...folded.state.facts, tools: counted } }
    const refused = (made: number) =>
      refusal({ ...folded, state }, mount(folded), {
        at: '2026-11-04T08:00:00.000Z',
        by: 'ansa',
        made: new Map([[tool.id, made]]),
      })
    expect(refused(499)).toBeUndefined()
    expect(refused(500)).toMatchObject({ kind: 'tool-overdue', strokes: { made: 500, every: 500 } })
  })

  test('is let through, and named at Kit, under field rules', () => {
    const folded = workUntil((_state, step) => step.kind === 'mount', { rules: 'field-repair' })
    expect(refusal(folded, mount(folded), late)).toBeUndefined()
  })
})

describe('at Crimp', () => {
  let folded: Folded
  let term: string
  beforeEach(() => {
    folded = workUntil((_state, step) => step.kind === 'crimp')
    term = [...folded.state.terms].find(([, now]) => now.stripped && !now.crimp)?.[0] ?? ''
  })

  test('a strip may be lengthened or trimmed only inside its window', () => {
    expect(refusal(folded, { kind: 'strip-mended', term, how: 'strip-more', byMm: 0.2 })).toBeUndefined()
    expect(refusal(folded, { kind: 'strip-mended', term, how: 'strip-more', byMm: 3 })).toMatchObject({
      kind: 'strip-outside',
      verdict: { kind: 'long' },
    })
    expect(refusal(folded, { kind: 'strip-mended', term, how: 'trim-conductor', byMm: 3 })).toMatchObject({
      kind: 'strip-outside',
      verdict: { kind: 'short' },
    })
  })

  test('cutting back counts the wire that it costs', () => {
    put(folded, { kind: 'strip-mended', term, how: 'cut-back', byMm: 8 })
    expect(folded.state.terms.get(term)).toMatchObject({ redone: 1, usedMm: 8 })
    expect(folded.state.terms.get(term)?.stripped).toBeUndefined()
  })

  test('another setup’s work, an unknown look and an unknown defect are refused', () => {
    expect(
      refusal(folded, { kind: 'crimped', term, setup: 'other', looks: [{ look: 'bottomed-hard', seen: true }] }),
    ).toMatchObject({ kind: 'wrong-setup' })
    expect(
      refusal(folded, { kind: 'crimp-rejected', term, look: 'nose', defect: 'bent', decision: 'scrap', usedMm: 9 }),
    ).toMatchObject({ kind: 'unknown', what: 'look' })
    expect(
      refusal(folded, {
        kind: 'crimp-rejected',
        term,
        look: 'wings-closed',
        defect: 'bent',
        decision: 'scrap',
        usedMm: 9,
      })?.kind ?? 'known',
    ).toMatch(/unknown|known/)
    const look = folded.state.sets.get(term.split('/').slice(1).join('/'))?.seal ? 'wings-closed' : 'straight-round'
    expect(
      refusal(folded, { kind: 'crimp-rejected', term, look, defect: 'rusty', decision: 'scrap', usedMm: 9 }),
    ).toMatchObject({ kind: 'unknown', id: 'rusty' })
  })

  test('a first piece without its height, where one is asked for, is refused', () => {
    // an estimated window is asked for where the rules take estimates
    const rules = 'field-repair'
    const sealed = [...workUntil(() => true, { rules }).state.sets].find(([, set]) => set.height)
    const mounted =
      sealed &&
      workUntil(
        (state, step) =>
          step.kind === 'first-piece' &&
          state.sets.get(sealed[0])?.setup.tool === state.setups.get(step.setup)?.setup.tool,
        { rules },
      )
    const setup = mounted && [...mounted.state.setups].find(([, one]) => one.setup.tool === 'PF-10')?.[0]
    if (!mounted || setup === undefined) throw new Error('no sealed setup')
    const looks = ['wings-closed', 'brush-shows', 'insulation-edge', 'seal-in-wings', 'contact-straight'].map(
      (look) => ({ look, seen: true }),
    )
    const piece: Said = { kind: 'first-piece', setup, wire: 'W1', side: 'b', looks, pullN: 120 }
    expect(refusal(mounted, piece)).toEqual({ kind: 'height-missing' })
    // an inch figure taken for millimetres, a pull of more than the copper holds: not written down at all
    expect(refusal(mounted, { ...piece, heightMm: 33 })).toMatchObject({ kind: 'implausible', figure: 'height' })
    expect(refusal(mounted, { ...piece, heightMm: 1.9, pullN: 5200 })).toMatchObject({
      kind: 'implausible',
      figure: 'pull',
    })

    // asked, and meant: an alloy holds more than copper
    expect(refusal(mounted, { ...piece, heightMm: 1.9, pullN: 5200, meant: true })).toBeUndefined()
    put(mounted, { ...piece, heightMm: 1.9 })
    // it is written down as it was, and does not release
    expect(mounted.state.setups.get(setup)?.pieces.at(-1)).toMatchObject({ good: false, heightMm: 1.9 })
    expect(refusal(mounted, { kind: 'setup-released', setup })).toMatchObject({ kind: 'not-yet', what: 'first-piece' })
  })
})

describe('at Seat', () => {
  let folded: Folded
  beforeEach(() => {
    folded = workUntil((_state, step) => step.kind === 'seat' && step.task.kind === 'look-over')
  })

  test('a closed lock lets nothing in or out', () => {
    expect(refusal(folded, { kind: 'extracted', term: '1/W1/a', why: 'other' })).toEqual({
      kind: 'lock-closed',
      end: 'A',
    })
  })

  test('a plug is set once, the interface seal is fitted once', () => {
    expect(refusal(folded, { kind: 'plugged', unit: 1, end: 'A', cavity: '3', part: 'CP-M' })).toEqual({
      kind: 'already',
      what: 'plugged',
    })
    expect(refusal(folded, { kind: 'part-fitted', unit: 1, end: 'A', part: 'IS-M3' })).toEqual({
      kind: 'already',
      what: 'fitted',
    })
  })

  test('a contact that no wire planned cannot be pushed back', () => {
    expect(refusal(folded, { kind: 'end-looked-over', unit: 1, end: 'A', pushedBack: ['3'] })).toMatchObject({
      kind: 'unknown',
      what: 'cavity',
    })
  })

  test('a second signature is another person’s', () => {
    const done = workUntil(undefined)
    expect(refusal(done, { kind: 'signed', role: 'builder', covers: done.state.seq })).toEqual({
      kind: 'already',
      what: 'signed',
    })
    expect(refusal(done, { kind: 'signed', role: 'second', covers: done.state.seq })).toEqual({
      kind: 'same-person',
      by: 'ansa',
    })
    expect(
      refusal(done, { kind: 'signed', role: 'second', covers: done.state.seq }, { at, by: 'imke' }),
    ).toBeUndefined()
  })
})
