import { describe, expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { foldEntry } from '../../record/journal/fold'
import type { Entry, NewEntry } from '../../record/journal/entry'
import type { Folded } from '../../record/journal/folded'
import { emptyPlan } from '../../record/plan/plan'
import { pinoutOf } from '../../record/plan/pinoutOf.testing'
import { workThrough } from '../../views/workThrough.testing'
import { firstEntries } from '../kit/firstEntries'
import { refusalOf } from '../left/refusalOf'
import { decidingReading, misplacedBy, netDiagnosis, netMistakes } from './netDiagnosis'

const at = '2026-11-25T09:00:00.000Z'
/** The second wire is longer: its resistance tells it from the others. */
const csv = [1, 2, 3].map((pin) => `W${pin},TW-0.75,RD,A,${pin},B,${pin},${pin === 2 ? 4000 : 620}`)
const read = pinoutOf(`wire,type,colour,from end,from cavity,to end,to cavity,length\n${csv.join('\n')}`, {
  A: 'CM-3P',
  B: 'CM-3R',
})

type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id'> : never) : never

/** Three wires between two halves, all seated, and a hand that appends what is admitted. */
function atProve() {
  let made = 0
  const newId = () => `prove-${String(++made).padStart(4, '0')}`
  const plan = { ...emptyPlan, ends: [...read.ends], wires: [...read.wires] }
  const { folded } = workThrough(firstEntries(demoShelf(), plan, '2026-11-25', newId), {
    newId,
    stamp: () => ({ at, by: 'ansa' }),
    until: (_state, step) => step.station === 'prove',
  })
  const put = (said: Said) => {
    const entry = { ...said, id: newId(), seq: folded.state.seq + 1, at, by: 'ansa' } as Entry
    const refusal = refusalOf(folded, entry, { at, by: 'ansa' })
    if (!refusal) foldEntry(folded, entry)
    return refusal
  }
  return { folded, put }
}

/** What is found when the contact that belongs in a cavity of B stands in another one: the red probe stays at A. */
function probe({ put }: ReturnType<typeof atProve>, found: Readonly<Record<string, string | undefined>>) {
  for (const [wire, ringsAt] of Object.entries(found))
    expect(
      put(
        ringsAt === wire.slice(1)
          ? { kind: 'net-probed', unit: 1, wire, result: 'pass' }
          : {
              kind: 'net-probed',
              unit: 1,
              wire,
              result: 'fail',
              ...(ringsAt !== undefined && { rings: [`B.${ringsAt}`] }),
            },
      ),
    ).toBeUndefined()
}
const mistakesOf = ({ state }: Folded) => {
  return netMistakes(netDiagnosis(state, 1).input).mistakes
}

describe('what explains the nets that failed', () => {
  test('nothing is to be explained while nothing has failed', () => {
    const job = atProve()
    expect(netDiagnosis(job.folded.state, 1)).toMatchObject({ failed: 0, open: 3 })
    expect(mistakesOf(job.folded)).toEqual([])
    probe(job, { W1: '1' })
    expect(netDiagnosis(job.folded.state, 1)).toMatchObject({ failed: 0, open: 2 })
    expect(mistakesOf(job.folded)).toEqual([])
  })

  test('nets that nobody has probed are counted, and stand against nothing', () => {
    const job = atProve()
    probe(job, { W2: undefined })
    expect(netDiagnosis(job.folded.state, 1)).toMatchObject({ failed: 1, open: 2 })
    expect(mistakesOf(job.folded)).toMatchObject([{ kind: 'open', pins: ['A.2', 'B.2'] }])
  })

  test('a row turned by one hole is written down as it stands, contact by contact, each entry admitted', () => {
    const job = atProve()
    probe(job, { W1: '2', W2: '3', W3: '1' })
    const [mistake] = mistakesOf(job.folded)
    expect(mistake?.kind).toBe('rotation')
    const place = mistake?.places.find(({ end }) => end === 'B')
    if (!place) throw new Error('it may be at B')
    const entries = misplacedBy(job.folded.state, 1, place)
    // three that stand in a ring are two changes of places
    expect(entries).toHaveLength(2)
    for (const entry of entries) expect(job.put(entry)).toBeUndefined()
    const seats = ['W1', 'W2', 'W3'].map((wire) => job.folded.state.terms.get(`1/${wire}/b`)?.seat?.cavity)
    expect(seats).toEqual(['2', '3', '1'])
    expect(
      [...job.folded.state.cavities].filter(([key]) => key.startsWith('1/B.')).map(([, cavity]) => cavity.term),
    ).toEqual(['1/W3/b', '1/W1/b', '1/W2/b'])
  })
})

test('wires that read differently tell at which end two changed places, by one measurement', () => {
  const job = atProve()
  probe(job, { W1: '2', W2: '1', W3: '3' })
  const { state } = job.folded
  const { deciding } = netMistakes(netDiagnosis(state, 1).input)
  const reading = deciding && decidingReading(state, 1, deciding)
  expect(reading?.pair).toEqual(['A.2', 'B.1'])
  expect(reading?.ifAt.map(({ end, wire }) => `${wire} at ${end}`)).toEqual(['W1 at A', 'W2 at B'])
  const [first, second] = reading?.ifAt ?? []
  expect(first?.windowOhm[1]).toBeLessThan(second?.windowOhm[0] ?? 0)
  expect(reading?.cannotTellOhm).toBeUndefined()
})

test('a point that no end has is refused', () => {
  const job = atProve()
  expect(job.put({ kind: 'net-probed', unit: 1, wire: 'W1', result: 'fail', rings: ['B.9'] })).toEqual({
    kind: 'unknown',
    what: 'cavity',
    id: 'B.9',
  })
})
