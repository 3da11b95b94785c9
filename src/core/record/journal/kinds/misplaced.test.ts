import { describe, expect, test } from 'vitest'
import { pinoutOf } from '../../plan/pinoutOf.testing'
import { firstEntries } from '../../../work/kit/firstEntries'
import { emptyPlan } from '../../plan/plan'
import { nextStep } from '../../../views/steps'
import { workThrough } from '../../../views/workThrough.testing'
import { netVerdict } from '../../../work/prove/netVerdict'
import { unitMoves } from '../../../work/rework/endMoves'
import { reworkEntries } from '../../../work/rework/reworkEntries'
import { at, begun, catalogue, goOn, newId, put } from '../../../work/rework/rework.testing'
import { endTasks } from '../../../work/seat/endTasks'
import type { NewEntry } from '../entry'
import type { Folded } from '../folded'
import { endState, isClosed, termState } from '../../state/state'

const csv = `wire,type,colour,from end,from cavity,to end,to cavity,length
W1,TW-0.75,RD,P1,1,P2,1,620
W2,TW-0.75,BK,P1,2,P2,2,620
W3,TW-0.75,YE,P1,4,P2,4,620`

type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id'> : never) : never
const say = (folded: Folded, said: Said) => put(folded, { ...said, id: newId() })
const proven = ({ state }: Folded) =>
  state.plan.wires.filter((wire) => netVerdict(state, 1, wire).proven).map((wire) => wire.id)

/** Three wires between two ends, cavities 3 and 5 plugged: worked until everything is proved. */
function proved(): Folded {
  const plan = pinoutOf(csv, { P1: 'CM-5P', P2: 'SW-5P' })
  const entries = firstEntries(
    catalogue,
    { ...emptyPlan, title: 'Lead', ends: [...plan.ends], wires: [...plan.wires] },
    '2026-11-25',
    newId,
  )
  return workThrough(entries, {
    newId,
    stamp: () => ({ at, by: 'teodor' }),
    until: (_state, step) => step.station === 'close',
  }).folded
}

describe('two contacts that were written down are the other way round', () => {
  test('both are put right by one move plan, looked over and proved again; the record of holes is as before', () => {
    const folded = proved()
    expect(proven(folded)).toEqual(['W1', 'W2', 'W3'])
    const passes = folded.state.cavities.get('1/P1.1')?.passes
    expect(
      say(folded, { kind: 'misplaced', term: '1/W1/a', end: 'P1', cavity: '2', swapped: '1/W2/a' }),
    ).toBeUndefined()
    expect(proven(folded)).toEqual(['W3'])
    expect(endState(folded.state, '1/P1').lookedOver).toBe(false)
    expect(folded.state.cavities.get('1/P1.1')).toEqual({ term: '1/W2/a', passes })
    expect(
      endTasks(folded.state, 1, 'P1')
        .flatMap((task) =>
          task.kind === 'put-right' ? [[task.term, task.found, task.cavity, task.why, task.asPlanned]] : [],
        )
        .sort(),
    ).toEqual([
      ['1/W1/a', '2', '1', 'wrong-cavity', undefined],
      ['1/W2/a', '1', '2', 'wrong-cavity', undefined],
    ])
    expect(unitMoves(folded.state, 1)?.plan).toMatchObject({ extractions: 2, parkings: 1 })
    expect(say(folded, { kind: 'signed', role: 'builder', covers: folded.state.seq })).toBeDefined()
    const { entries } = goOn(folded)
    expect(entries.flatMap((entry) => (entry.kind === 'net-probed' ? [entry.wire] : []))).toEqual(['W1', 'W2'])
    expect(isClosed(folded.state)).toBe(true)
    expect([termState(folded.state, '1/W1/a').seat, termState(folded.state, '1/W2/a').seat]).toMatchObject([
      { cavity: '1', home: true },
      { cavity: '2', home: true },
    ])
  })

  test('taken back, all of it stands as it was', () => {
    const folded = proved()
    const before = new Map(folded.state.cavities)
    const id = newId()
    expect(
      put(folded, { id, kind: 'misplaced', term: '1/W1/a', end: 'P1', cavity: '2', swapped: '1/W2/a' }),
    ).toBeUndefined()
    expect(say(folded, { kind: 'taken-back', undoes: id })).toBeUndefined()
    expect(new Map(folded.state.cavities)).toEqual(before)
    expect(proven(folded)).toEqual(['W1', 'W2', 'W3'])
    expect(nextStep(folded.state)).toMatchObject({ station: 'close' })
  })

  test.each<[string, Partial<Extract<Said, { kind: 'misplaced' }>>, object]>([
    ['in its own cavity', { cavity: '1' }, { kind: 'wrong-cavity' }],
    ['where another one is, which is not named', { cavity: '2' }, { kind: 'cavity-taken', by: 'W2a' }],
    [
      'where another one is than the one that is named',
      { cavity: '2', swapped: '1/W3/a' },
      { kind: 'cavity-taken', by: 'W2a' },
    ],
    ['where a plug is', { cavity: '3' }, { kind: 'cavity-taken', by: 'CP-M' }],
    ['in a cavity that is not there', { cavity: '9' }, { kind: 'unknown', what: 'cavity' }],
    ['in an end that is not there', { end: 'P9', cavity: '2' }, { kind: 'unknown', what: 'cavity' }],
  ])('not %s', (_what, more, fault) => {
    expect(say(proved(), { kind: 'misplaced', term: '1/W1/a', end: 'P1', cavity: '2', ...more })).toMatchObject(fault)
  })

  test('where nobody is named, the place has to be free', () => {
    const folded = proved()
    expect(say(folded, { kind: 'lock-moved', unit: 1, end: 'P1', to: 'open' })).toBeUndefined()
    expect(say(folded, { kind: 'extracted', term: '1/W2/a', why: 'other' })).toBeUndefined()
    expect(say(folded, { kind: 'misplaced', term: '1/W1/a', end: 'P1', cavity: '2', swapped: '1/W2/a' })).toMatchObject(
      { kind: 'not-yet', what: 'seated' },
    )
    expect(say(folded, { kind: 'misplaced', term: '1/W1/a', end: 'P1', cavity: '2' })).toBeUndefined()
    expect(say(folded, { kind: 'misplaced', term: '1/W1/a', end: 'P1', cavity: '2' })).toMatchObject({
      kind: 'already',
    })
    expect(folded.state.cavities.get('1/P1.1')?.term).toBeUndefined()
    goOn(folded)
    expect(isClosed(folded.state)).toBe(true)
  })
})

test.each<[string, readonly Said[], readonly string[]]>([
  [
    'it is taken out',
    [
      { kind: 'lock-moved', unit: 1, end: 'P1', to: 'open' },
      { kind: 'extracted', term: '1/W1/a', why: 'other' },
    ],
    ['W2', 'W3'],
  ],
  [
    'it stands low and is to come out',
    [{ kind: 'seat-faulted', term: '1/W2/a', end: 'P1', cavity: '2', fault: 'stands-low', cause: 'pushed-back' }],
    ['W1', 'W3'],
  ],
  [
    'the look finds it pushed back',
    [
      { kind: 'lock-moved', unit: 1, end: 'P1', to: 'open' },
      { kind: 'lock-moved', unit: 1, end: 'P1', to: 'closed' },
      { kind: 'end-looked-over', unit: 1, end: 'P1', pushedBack: ['4'] },
    ],
    ['W1', 'W2'],
  ],
  ['it is broken', [{ kind: 'damage-reported', term: '1/W3/b', what: 'contact' }], ['W1', 'W2']],
  ['its whole wire is broken', [{ kind: 'damage-reported', term: '1/W1/a', what: 'wire' }], ['W2', 'W3']],
])('what was probed through a contact ends when %s, and is probed again', (_what, said, left) => {
  const folded = proved()
  for (const one of said) expect(say(folded, one)).toBeUndefined()
  expect(proven(folded)).toEqual(left)
  const { entries } = goOn(folded)
  expect(isClosed(folded.state)).toBe(true)
  expect(entries.filter((entry) => entry.kind === 'net-probed')).toHaveLength(3 - left.length)
})

test('an end whose plug was out is looked over again before anything is signed', () => {
  const folded = proved()
  expect(say(folded, { kind: 'unplugged', unit: 1, end: 'P1', cavity: '3' })).toBeUndefined()
  expect(endState(folded.state, '1/P1').lookedOver).toBe(false)
  const { entries } = goOn(folded)
  expect(entries.map((entry) => entry.kind)).toEqual(['plugged', 'end-looked-over', 'tray-counted', 'signed'])
})

test('a contact that two wires share ends the proof of both', () => {
  const plan = pinoutOf(
    'wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,TW-0.25,RD,P1,1,P2,1,620\nW2,TW-0.25,BK,with W1a,,P2,2,620\nW3,TW-0.25,YE,P1,3,P2,3,620',
    { P1: 'CK-4P', P2: 'CK-4P' },
  )
  // it came as it is, made by others
  const folded = begun(
    reworkEntries(
      catalogue,
      { ...emptyPlan, title: 'Came', kind: 'repair', ends: [...plan.ends], wires: [...plan.wires] },
      {},
      '2026-11-25',
      newId,
    ),
  )
  workThrough([], {
    newId,
    from: folded,
    stamp: () => ({ at, by: 'teodor' }),
    until: (_state, step) => step.station === 'close',
  })
  expect(proven(folded)).toEqual(['W1', 'W2', 'W3'])
  expect(
    say(folded, {
      kind: 'seat-faulted',
      term: '1/W1/a',
      end: 'P1',
      cavity: '1',
      fault: 'stands-low',
      cause: 'pushed-back',
    }),
  ).toBeUndefined()
  expect(proven(folded)).toEqual(['W3'])
})
