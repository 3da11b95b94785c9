import { expect, test } from 'vitest'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { pieceInQuestion } from '../../record/standing/released'
import { foundCause } from './foundCause'
import { pieceCauses, pieceFault } from './pieceFault'

const bench = sevenLeads()
const { set, looks } = bench
const seen = looks.map(({ look }) => ({ look, seen: true }))
const window = set.height ?? { minMm: 0, maxMm: 0 }

interface Figures {
  readonly heightMm?: number
  readonly pullN?: number
  readonly byHand?: 'came-off'
  readonly breaks?: 'pulled-out' | 'broke-at-crimp'
}

test.each<[string, Figures, string, string | undefined]>([
  ['too high', { heightMm: window.maxMm + 0.05, pullN: 60 }, 'under-crimped', 'die-wrong'],
  ['too low', { heightMm: window.minMm - 0.05, pullN: 140 }, 'over-crimped', 'die-wrong'],
  [
    'right in height, and slipped out',
    { heightMm: 1.3, pullN: 60, breaks: 'pulled-out' },
    'brush-too-short',
    'not-pushed-home',
  ],
  [
    'right in height, and broke at the crimp',
    { heightMm: 1.3, pullN: 60, breaks: 'broke-at-crimp' },
    'over-crimped',
    undefined,
  ],
  ['not measured, and came off in the hand', { byHand: 'came-off' }, 'under-crimped', 'die-wrong'],
])('a piece that is %s', (_what, figures, defect, cause) => {
  const piece = { looks: seen, minimumN: 108, ...figures }
  const [likeliest] = pieceFault(piece, set)
  expect(likeliest).toBe(defect)
  if (cause !== undefined) expect(pieceCauses(piece, set, likeliest)[0]?.cause).toBe(cause)
})

test('a look that failed is what is wrong, where height and pull are right', () => {
  const piece = {
    looks: seen.map((one) => (one.look === 'seal-in-wings' ? { ...one, seen: false } : one)),
    heightMm: 1.3,
    pullN: 140,
    minimumN: 108,
  }
  expect(pieceFault(piece, set)).toEqual(['seal-out-of-wings', 'seal-torn', 'seal-missing'])
})

test('a bad piece stays in question until something is set otherwise, or a good one is made', () => {
  const { state, setup, put, piece } = sevenLeads()
  put({ kind: 'first-piece', setup, wire: 'W1', side: 'a', looks, heightMm: 1.5, pullN: 60 })
  expect(pieceInQuestion(state, setup)).toMatchObject({ heightMm: 1.5, good: false })
  const termination = { key: '1/W1/a' }
  const found = foundCause(state, termination, set, 'die-wrong', 'under-crimped')
  for (const entry of found?.entries ?? []) expect(put(entry)).toBeUndefined()
  expect(pieceInQuestion(state, setup)).toBeUndefined()
  expect(state.setups.get(setup)?.ended?.why).toBe('die')
  put({ kind: 'first-piece', setup, wire: 'W1', side: 'a', looks, heightMm: 1.5, pullN: 60 })
  expect(pieceInQuestion(state, setup)).toBeDefined()
  piece()
  expect(pieceInQuestion(state, setup)).toBeUndefined()
})

test('a cause in the hand puts nothing in question; one in the tool what it made since it was last seen good', () => {
  const { state, put, crimp, setup, piece } = sevenLeads()
  crimp(1, 1.3)
  crimp(2, 1.3)
  piece()
  crimp(3, 1.3)
  const of = (cause: 'not-pushed-home' | 'die-wrong' | 'strip-short') =>
    foundCause(state, { key: '1/W3/a' }, set, cause, 'brush-too-short')
  expect(of('not-pushed-home')).toBeUndefined()
  expect(of('strip-short')?.suspects).toBeUndefined()
  expect(of('die-wrong')?.suspects).toEqual(['1/W3/a'])
  for (const entry of of('die-wrong')?.entries ?? []) put(entry)
  expect(state.terms.get('1/W3/a')?.suspect).toMatchObject({ cause: 'die-wrong', part: 'die', tool: 'PF-10' })
  expect(state.terms.get('1/W2/a')?.suspect).toBeUndefined()
  expect(crimp(4, 1.3)).toEqual({ kind: 'not-yet', what: 'released' })
  expect(state.setups.get(setup)?.released).toBeUndefined()
})
