import { expect, test } from 'vitest'
import { emptyPlan } from '@/core/record/plan/plan'
import { linkedNotes } from '@/formats/chain/linked.testing'
import { jobDocumentSchema } from '@/formats/jobDocument'
import { entriesOfPiece, headOfPieces, jobPieces } from './jobPieces'

const notes = (count: number) => linkedNotes(Array.from({ length: count }, (_, i) => `note ${i}`))
const document = (more: object) =>
  JSON.stringify({ format: 'urn-bench/job', version: 1, plan: { ...emptyPlan, title: 'Large' }, ...more })

async function read(text: string) {
  const told: string[] = []
  const answer = await jobPieces(new TextEncoder().encode(text), (piece) => told.push(piece))
  return { answer, told }
}

test.each([0, 1, 400, 401, 1333])(
  'a document of %i entries is the same when it was cut up and joined',
  async (count) => {
    const text = document(count === 0 ? {} : { journal: notes(count), state: { seq: count, closed: false } })
    const { answer, told } = await read(text)
    if (!answer.ok) throw new Error(JSON.stringify(answer.issues))
    expect(told).toHaveLength(Math.ceil(count / 400))
    const { journal = [], ...head } = jobDocumentSchema.parse(JSON.parse(text))
    expect(told.flatMap(entriesOfPiece)).toEqual(journal)
    expect(headOfPieces(answer)).toEqual(head)
  },
)

const good = notes(900)
test.each<[string, string, { path: unknown[]; message: RegExp }, number]>([
  ['no JSON', '{"a"', { path: [], message: /not JSON/ }, 0],
  ['a list', '[1]', { path: [], message: /must be an object/ }, 0],
  ['nothing', 'null', { path: [], message: /must be an object/ }, 0],
  ['a journal that is no list', document({ journal: { 0: good[0] } }), { path: ['journal'], message: /list/ }, 0],
  ['an entry that is a list', document({ journal: [good[0], []] }), { path: ['journal', 1], message: /object/ }, 0],
  ['another document', document({ format: 'other', journal: good }), { path: ['format'], message: /./ }, 0],
  [
    'a control character far inside',
    document({ journal: [...good, { kind: 'noted', text: 'a\u0000' }] }),
    { path: ['journal', 900, 'text'], message: /./ },
    0,
  ],
  [
    'an entry without a kind',
    document({ journal: [{ seq: 1 }] }),
    { path: ['journal', 0, 'kind'], message: /text/ },
    0,
  ],
  [
    'an entry of another kind of bench',
    document({ journal: [...good.slice(0, 500), { ...good[500], kind: 'washed' }, ...good.slice(501)] }),
    { path: ['journal', 500, 'kind'], message: /./ },
    1,
  ],
  [
    'an entry that was changed',
    document({ journal: good.map((entry, i) => (i === 850 ? { ...entry, text: 'other' } : entry)) }),
    { path: ['journal', 850], message: /^entry 851 does not follow/ },
    2,
  ],
  [
    'one that is missing between two pieces',
    document({ journal: good.toSpliced(400, 1) }),
    { path: ['journal', 400], message: /^entry 401 does not follow/ },
    1,
  ],
])('%s is refused with its place, and no entry behind it is told', async (_what, text, expected, pieces) => {
  const { answer, told } = await read(text)
  const [first] = answer.ok ? [] : answer.issues
  expect(first?.path).toEqual(expected.path)
  expect(first?.message).toMatch(expected.message)
  expect(told).toHaveLength(pieces)
})

test('what is unfit anywhere is said before a chain that is broken earlier', async () => {
  const journal = good.map((entry, i) => (i === 3 ? { ...entry, text: 'other' } : entry))
  const { answer } = await read(document({ journal: [...journal, { ...good[0], at: 7 }] }))
  expect(answer).toMatchObject({ ok: false, issues: [{ path: ['journal', 900, 'at'] }] })
})
