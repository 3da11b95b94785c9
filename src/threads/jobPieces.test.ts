import { expect, test } from 'vitest'
import { newBreath } from '@/data/breath'
import { emptyPlan } from '@/core/record/plan/plan'
import { jobDocumentSchema } from '@/formats/jobDocument'
import { joinPieces, jobPieces } from './jobPieces'

const entries = (count: number) =>
  Array.from({ length: count }, (_, i) => ({ kind: 'noted', seq: i + 1, text: `note ${String(i)}` }))
const document = (more: object) =>
  JSON.stringify({ format: 'urn-bench/job', version: 1, plan: { ...emptyPlan, title: 'Large' }, ...more })

test.each([0, 1, 400, 401, 1333])(
  'a document of %i entries is the same when it was cut up and joined',
  async (count) => {
    const text = document(count === 0 ? {} : { journal: entries(count), state: { seq: count, closed: false } })
    const pieces = jobPieces(new TextEncoder().encode(text))
    if (!pieces.ok) throw new Error(JSON.stringify(pieces.issues))
    expect(pieces.journal).toHaveLength(Math.ceil(count / 400))
    expect(await joinPieces(pieces, newBreath())).toEqual(jobDocumentSchema.parse(JSON.parse(text)))
  },
)

test.each<[string, string, { path: unknown[]; message: RegExp }]>([
  ['no JSON', '{"a"', { path: [], message: /not JSON/ }],
  ['a list', '[1]', { path: [], message: /must be an object/ }],
  [
    'a control character far inside',
    document({ journal: [...entries(900), { kind: 'noted', text: 'a\u0000' }] }),
    { path: ['journal', 900, 'text'], message: /./ },
  ],
  ['an entry without a kind', document({ journal: [{ seq: 1 }] }), { path: ['journal', 0, 'kind'], message: /text/ }],
])('%s is refused with its place', (_what, text, expected) => {
  const pieces = jobPieces(new TextEncoder().encode(text))
  expect(pieces.ok).toBe(false)
  const [first] = pieces.ok ? [] : pieces.issues
  expect(first?.path).toEqual(expected.path)
  expect(first?.message).toMatch(expected.message)
})
