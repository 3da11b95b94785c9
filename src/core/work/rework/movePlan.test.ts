import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { MoveProblem, MoveStep } from './moveTypes'
import { movePlan } from './movePlan'
import { doStep, movesBegin, reaches, simulateMoves } from './simulateMoves'

const problem = (
  before: Record<string, string>,
  after: Record<string, string>,
  more: Partial<MoveProblem> = {},
): MoveProblem => ({ now: new Map(Object.entries(before)), wanted: new Map(Object.entries(after)), ...more })
const planned = (of: MoveProblem) => {
  const plan = movePlan(of)
  if (!plan.ok) throw new Error(plan.fault.kind)
  return plan.value
}
const say = (step: MoveStep) =>
  [step.do, 'contact' in step ? step.contact : '', 'place' in step ? `@${step.place}` : '']
    .filter((word) => word !== '')
    .join(' ')

test('a chain is worked from its empty end, without parking', () => {
  const plan = planned(problem({ 1: 'a', 2: 'b' }, { 2: 'a', 3: 'b' }))
  expect(plan.steps.map(say)).toEqual(['extract b @2', 'insert b @3', 'extract a @1', 'insert a @2'])
  expect(plan).toMatchObject({ extractions: 2, parkings: 0, parkedAtOnce: 0 })
})

test('a swap parks one wire', () => {
  const plan = planned(problem({ 1: 'a', 2: 'b' }, { 1: 'b', 2: 'a' }))
  expect(plan.steps.map(say)).toEqual(['park a @1', 'extract b @2', 'insert b @1', 'insert a @2'])
  expect(plan).toMatchObject({ extractions: 2, parkings: 1, parkedAtOnce: 1 })
})

test('two swaps, a three-cycle, one wire more and one less: seven moved, one retired, three put aside, one at a time', () => {
  const before = { 1: 'a', 2: 'b', 3: 'c', 4: 'd', 5: 'e', 6: 'f', 7: 'g', 8: 'h', 9: 'i' }
  const after = { 1: 'b', 2: 'a', 3: 'd', 4: 'c', 5: 'f', 6: 'g', 7: 'e', 8: 'new', 9: 'i' }
  const plan = planned(problem(before, after))
  expect(plan).toMatchObject({ extractions: 8, parkings: 3, parkedAtOnce: 1 })
  expect(plan.steps.filter((step) => step.do === 'retire' || step.do === 'bring').map(say)).toEqual([
    'retire h @8',
    'bring new',
  ])
})

test('plugs come out where a wire goes in, and go in where one has left', () => {
  const plan = planned(problem({ 1: 'a' }, { 2: 'a' }, { plugged: new Set(['2']), takesPlug: () => true }))
  expect(plan.steps.map(say)).toEqual(['unplug @2', 'extract a @1', 'insert a @2', 'plug @1'])
})

test('what hangs out already is seated first', () => {
  // b was parked when the work stopped; a and c still have to be changed over
  const plan = planned(
    problem(
      { 5: 'a', 6: 'c' },
      { 5: 'c', 6: 'a', 7: 'b' },
      { loose: new Set(['b']), at: (place) => ({ xMm: Number(place) * 2, yMm: 0 }) },
    ),
  )
  expect(plan.steps.map(say)[0]).toBe('insert b @7')
  expect(plan).toMatchObject({ extractions: 2, parkings: 1, parkedAtOnce: 1 })
})

test('the chains are worked in the order in which the hands walk least', () => {
  const at = (place: string) => ({ xMm: Number(place), yMm: 0 })
  // three swaps far apart, given in a bad order
  const plan = planned(
    problem(
      { 1: 'a', 2: 'b', 91: 'c', 92: 'd', 3: 'e', 4: 'f' },
      { 1: 'b', 2: 'a', 91: 'd', 92: 'c', 3: 'f', 4: 'e' },
      { at },
    ),
  )
  const where = plan.steps.flatMap((step) => ('place' in step ? [Number(step.place)] : []))
  const walk = where.slice(1).reduce((sum, place, i) => sum + Math.abs(place - (where[i] ?? 0)), 0)
  expect(plan.walk).toEqual({ mm: walk, shortest: true })
  // there and back within a swap is 3, twice to the next pair 1 or 2, once 87 or so
  expect(walk).toBeLessThan(100)
})

test.each<[string, MoveProblem, object]>([
  [
    'one wire in two cavities',
    problem({ 1: 'a', 2: 'a' }, {}),
    { kind: 'contact-in-two-places', contact: 'a', places: ['1', '2'], when: 'now' },
  ],
  [
    'one wire wanted twice',
    problem({ 1: 'a' }, { 2: 'a', 3: 'a' }),
    { kind: 'contact-in-two-places', contact: 'a', places: ['2', '3'], when: 'wanted' },
  ],
  [
    'a wire that hangs out and is in',
    problem({ 1: 'a' }, { 2: 'a' }, { loose: new Set(['a']) }),
    { kind: 'loose-and-seated', contact: 'a', place: '1' },
  ],
  [
    'a plug where a wire is',
    problem({ 1: 'a' }, { 2: 'a' }, { plugged: new Set(['1']) }),
    { kind: 'plugged-and-filled', contact: 'a', place: '1' },
  ],
])('%s is refused', (_what, bad, fault) => {
  expect(movePlan(bad)).toEqual({ ok: false, fault })
})

/** A wanted and a present state over so many cavities, some wires parked already. */
const problems = (cavities: number) =>
  fc
    .record({
      before: fc.uniqueArray(fc.integer({ min: 0, max: cavities - 1 }), { maxLength: cavities }),
      after: fc.uniqueArray(fc.integer({ min: 0, max: cavities - 1 }), { maxLength: cavities }),
      shuffle: fc.shuffledSubarray(
        Array.from({ length: cavities }, (_, i) => i),
        { minLength: cavities, maxLength: cavities },
      ),
      loose: fc.array(fc.boolean(), { minLength: cavities, maxLength: cavities }),
      plugs: fc.boolean(),
    })
    .map(({ before, after, shuffle, loose, plugs }): MoveProblem => {
      const now = new Map(before.map((place) => [String(place), `w${shuffle[place]}`]))
      const wanted = new Map(after.map((place) => [String(place), `w${place}`]))
      const seated = new Set(now.values())
      const out = new Set(
        [...wanted.values()].filter((contact) => !seated.has(contact) && loose[Number(contact.slice(1))]),
      )
      return {
        now,
        wanted,
        loose: out,
        ...(plugs && {
          plugged: new Set([...wanted.keys()].filter((place) => !now.has(place))),
          takesPlug: () => true,
        }),
        at: (place) => ({ xMm: Number(place), yMm: 0 }),
      }
    })

test('start and steps give the goal, each contact comes out once at most, and no cavity is left open where plugs are used', () => {
  fc.assert(
    fc.property(problems(40), (one) => {
      const plan = planned(one)
      const end = simulateMoves(one, plan.steps)
      if (!end.ok) throw new Error(`${end.fault.kind} at ${end.fault.at}`)
      expect(reaches(one, end.value)).toBe(true)
      const taken = plan.steps.flatMap((step) =>
        step.do === 'extract' || step.do === 'park' || step.do === 'retire' ? [step.contact] : [],
      )
      expect(new Set(taken).size).toBe(taken.length)
      expect(taken.length).toBe(plan.extractions)
      if (one.takesPlug)
        for (const place of one.now.keys())
          expect(end.value.seated.has(place) || end.value.plugged.has(place)).toBe(true)
      expect(plan.parkedAtOnce).toBeLessThanOrEqual(Math.max(one.loose?.size ?? 0, 1))
    }),
    { numRuns: 300 },
  )
})

/**
 * Is there any way at all that costs less? Every order of taking out and putting in, into any free cavity, as long as what was
 * spent and what still has to come out (each contact in a wrong cavity, once at least) stays below the bound.
 */
function cheaperWay({ now, wanted, loose }: MoveProblem, bound: number): boolean {
  const places = [...new Set([...now.keys(), ...wanted.keys()])]
  const goal = new Map([...wanted].map(([place, contact]) => [contact, place]))
  const seatedAtFirst = new Set(now.values())
  const seen = new Map<string, number>()
  const go = (seated: ReadonlyMap<string, string>, out: ReadonlySet<string>, spent: number): boolean => {
    const misplaced = [...seated].filter(([place, contact]) => goal.get(contact) !== place).length
    if (spent + misplaced * EXTRACTION >= bound) return false
    if (out.size === 0 && misplaced === 0) return true
    const name = `${places.map((place) => seated.get(place) ?? '').join(',')}|${[...out].sort().join(',')}`
    if ((seen.get(name) ?? Infinity) <= spent) return false
    seen.set(name, spent)
    for (const [place, contact] of seated) {
      const left = new Map(seated)
      left.delete(place)
      const to = goal.get(contact)
      if (
        go(
          left,
          to === undefined ? out : new Set([...out, contact]),
          spent + EXTRACTION + (to !== undefined && left.has(to) ? 1 : 0),
        )
      )
        return true
    }
    for (const contact of out) {
      const held = new Set(out)
      held.delete(contact)
      if (places.some((place) => !seated.has(place) && go(new Map([...seated, [place, contact]]), held, spent)))
        return true
    }
    return false
  }
  return go(now, new Set([...(loose ?? []), ...[...goal.keys()].filter((contact) => !seatedAtFirst.has(contact))]), 0)
}
/** One extraction weighs more than all parkings that so few cavities can need. */
const EXTRACTION = 100

/** Every kind of change over so many cavities: cycles, and chains by what fills their first place and what leaves their last. */
type Part = { readonly ways: number } & (
  | { readonly kind: 'cycle' }
  | { readonly kind: 'chain'; readonly head: 'empty' | 'new' | 'loose'; readonly tail: 'empty' | 'leaves' }
)
const parts = (ways: number): readonly Part[] => [
  { kind: 'cycle', ways },
  ...(['empty', 'new', 'loose'] as const).flatMap((head) =>
    (['empty', 'leaves'] as const).map((tail) => ({ kind: 'chain' as const, ways, head, tail })),
  ),
]

function* changes(left: number, from = 0): Generator<readonly Part[]> {
  const kinds = [1, 2, 3, 4, 5, 6].flatMap(parts)
  yield []
  for (const [i, part] of kinds.entries())
    if (i >= from && part.ways <= left) for (const rest of changes(left - part.ways, i)) yield [part, ...rest]
}

function problemOf(change: readonly Part[]): MoveProblem {
  const now = new Map<string, string>()
  const wanted = new Map<string, string>()
  const out = new Set<string>()
  let next = 0
  for (const part of change) {
    const places = Array.from({ length: part.ways }, () => String(++next))
    for (const [i, place] of places.entries()) {
      const before = places[i - 1] ?? (part.kind === 'cycle' ? places.at(-1) : undefined)
      // the contact that stands in the place before comes here; the first place gets a new one, one that hangs out, or none
      if (before !== undefined) wanted.set(place, `w${before}`)
      else if (part.kind === 'chain' && part.head !== 'empty') {
        wanted.set(place, `${part.head}${place}`)
        if (part.head === 'loose') out.add(`${part.head}${place}`)
      }
      if (part.kind === 'cycle' || i < places.length - 1 || part.tail === 'leaves') now.set(place, `w${place}`)
    }
  }
  return { now, wanted, loose: out }
}

test('no way takes out fewer contacts, or with as few puts fewer aside: every change of up to six cavities', () => {
  let tried = 0
  for (const change of changes(6)) {
    const one = problemOf(change)
    const { steps, extractions, parkings } = planned(one)
    const end = simulateMoves(one, steps)
    expect(end.ok && reaches(one, end.value)).toBe(true)
    if (cheaperWay(one, extractions * EXTRACTION + parkings))
      throw new Error(`${JSON.stringify(change)} can be done with less than ${extractions} and ${parkings}`)
    tried++
  }
  expect(tried).toBeGreaterThan(1000)
})

test('the search does find a cheaper way where there is one', () => {
  const swap = problem({ 1: 'a', 2: 'b' }, { 1: 'b', 2: 'a' })
  expect([cheaperWay(swap, 201), cheaperWay(swap, 202)]).toEqual([false, true])
})

test.each<[string, MoveStep, object]>([
  [
    'taking out what is not there',
    { do: 'extract', contact: 'b', place: '1' },
    { kind: 'not-there', contact: 'b', place: '1', found: 'a' },
  ],
  [
    'seating over another',
    { do: 'insert', contact: 'c', place: '1' },
    { kind: 'place-taken', contact: 'c', place: '1', by: 'a' },
  ],
  [
    'seating into a plug',
    { do: 'insert', contact: 'c', place: '3' },
    { kind: 'place-plugged', contact: 'c', place: '3' },
  ],
  [
    'seating what is not out',
    { do: 'insert', contact: 'x', place: '2' },
    { kind: 'not-in-hand', contact: 'x', place: '2' },
  ],
  ['bringing what is out', { do: 'bring', contact: 'c' }, { kind: 'already-out', contact: 'c' }],
  ['pulling a plug that is not in', { do: 'unplug', place: '2' }, { kind: 'no-plug', place: '2' }],
  ['plugging over a contact', { do: 'plug', place: '1' }, { kind: 'place-taken', contact: '', place: '1', by: 'a' }],
])('a step out of order, %s, is refused and changes nothing', (_what, step, fault) => {
  const state = movesBegin(problem({ 1: 'a' }, { 2: 'c' }, { loose: new Set(['c']), plugged: new Set(['3']) }))
  expect(doStep(state, step)).toEqual(fault)
  expect([[...state.seated], [...state.out], [...state.plugged]]).toEqual([[['1', 'a']], ['c'], ['3']])
})
