import { expect, test } from 'vitest'
import { withFields } from './useFetched'

const read = withFields<{ readonly sets: readonly string[]; readonly remedies: readonly string[] }>('sets', 'remedies')

test('an answer that has its fields is taken as it is', () => {
  const body = { sets: [], remedies: ['x'], more: 1 }
  expect(read(body)).toBe(body)
})

test.each([undefined, null, 'sets', 7, [], { sets: [] }, { error: { code: 'not-found' } }])(
  '%j is no such answer',
  (body) => {
    expect(read(body)).toBeUndefined()
  },
)
