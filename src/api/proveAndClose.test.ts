import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { bundled } from '@/data/bundled.testing'
import { ask } from './askComputation.testing'

// what is large is worked out in a thread
beforeAll(async () => {
  process.env.URN_BENCH_THREAD_COMPUTE = await bundled('src/threads/compute.worker.ts')
})
afterAll(() => {
  delete process.env.URN_BENCH_THREAD_COMPUTE
})

const row = (ways: number) => Array.from({ length: ways }, (_, i) => String(i + 1))
const pins = { A: row(6), B: row(6) }
const expected = row(6).map((pin) => [`A.${pin}`, `B.${pin}`])

describe('prove/diagnose', () => {
  test('names a swap without an end, and the pair that tells', async () => {
    const measured = [['A.1', 'B.2'], ['A.2', 'B.1'], ...expected.slice(2)]
    const { status, body } = await ask('prove/diagnose', { pins, expected, measured })
    expect(status).toBe(200)
    expect(body).toEqual({
      mistakes: [
        {
          kind: 'swap',
          pins: ['A.1', 'A.2', 'B.1', 'B.2'],
          words: 'at A: A.1, A.2 changed places; or at B: B.1, B.2 changed places',
        },
      ],
      explains: true,
      deciding: { pair: ['A.2', 'B.1'] },
    })
  })

  test('names the end where a row is one at that end only, in a thread for many pins', async () => {
    const rows = { A: [row(24).slice(0, 12), row(24).slice(12)] }
    const lead = row(24).map((pin, i) => [`A.${pin}`, `B.${String(((i * 7) % 24) + 1)}`])
    const found = lead.map(([a = '', b = ''], i) => [i < 12 ? `A.${String(12 - i)}` : a, b])
    const { body } = await ask('prove/diagnose', {
      pins: { A: row(24), B: row(24) },
      rows,
      expected: lead,
      measured: found,
    })
    expect(body).toMatchObject({ mistakes: [{ kind: 'row-restart', end: 'A' }], explains: true })
    expect(body).not.toHaveProperty('deciding')
  })

  test.each([
    [
      { measured: [['A.1', 'B.9']] },
      ['measured'],
      'B.9 is no pin of these ends: points are an end and a pin, like A.7',
    ],
    [{ expected: [...expected, ['A.1', 'A.2']] }, ['expected'], 'A.1 belongs to two nets: a point belongs to one'],
    [
      { resistances: [{ pair: ['A.1', 'B.2'], ohm: 0.1, expectedOhm: 0.1 }] },
      ['resistances'],
      'A.1 and B.2 were found apart, and yet there is a resistance between them: measure again',
    ],
    [{ rows: { A: [['1', '2']] } }, ['rows', 'A'], 'must have the same pins as this end, each once'],
    [{ rows: { constructor: [['1']] } }, ['rows', 'constructor'], 'must have the same pins as this end, each once'],
  ])('refuses %j', async (change, path, message) => {
    const { status, body } = await ask('prove/diagnose', { pins, expected, measured: expected, ...change })
    expect(status).toBe(400)
    expect(body).toMatchObject({ error: { code: 'bad-input', issues: [{ path, message }] } })
  })
})

describe('prove/test-plan', () => {
  const cavities = row(6).map((id, i) => ({ id, xMm: i * 4, yMm: 0 }))
  const ends = ['A', 'B'].map((id) => ({ id, cavities }))

  test('by hand what could be joined, by an analyser all pairs', async () => {
    const hand = (await ask('prove/test-plan', { ends, nets: expected, by: 'hand' })).body
    expect(hand.saved).toBe(15 - 7)
    expect(hand.steps).toHaveLength(6 + 7)
    const analyser = (await ask('prove/test-plan', { ends, nets: expected, by: 'analyser' })).body
    expect(analyser).toMatchObject({ saved: 0 })
    expect(analyser.steps).toHaveLength(6 + 15)
  })

  test('names the net whose point is not there', async () => {
    const { status, body } = await ask('prove/test-plan', { ends, nets: [...expected, ['A.1', 'C.1']], by: 'hand' })
    expect(status).toBe(400)
    expect(body).toMatchObject({ error: { issues: [{ path: ['nets', 6] }] } })
  })
})

describe('prove/mismate', () => {
  const half = { rows: [['1', '2', '3']], keyed: false }
  const signals = { '1': 'supply:12', '2': 'signal', '3': 'return' }

  test('says what meets what, and where the supply does no harm', async () => {
    const { body } = await ask('prove/mismate', {
      a: half,
      b: half,
      signals: { A: signals, B: signals },
      ways: ['turned'],
    })
    expect(body).toMatchObject({
      ways: [{ how: 'turned', worst: 'supply-return' }],
      assignment: { A: { '2': 'supply:12' }, B: { '2': 'supply:12' } },
    })
  })

  test('proves that there is none; refuses a pin that is not there', async () => {
    const two = { rows: [['1', '2']], keyed: false }
    const own = { '1': 'supply', '2': 'return' }
    const asked = { a: two, b: two, signals: { A: own, B: own }, ways: ['turned'] }
    expect((await ask('prove/mismate', asked)).body).toMatchObject({ proof: 'none-exists' })
    const wrong = { ...asked, signals: { A: { '7': 'signal' }, B: own } }
    expect((await ask('prove/mismate', wrong)).body).toMatchObject({
      error: { issues: [{ path: ['signals', 'A', '7'], message: 'is no pin of a' }] },
    })
  })
})

describe('close/bundle', () => {
  test('packs wires in the order given, nothing outside', async () => {
    const diametersMm = [3, 1.5, 2, 2]
    const { body } = await ask('close/bundle', { diametersMm })
    const { diameterMm, circles } = body as {
      diameterMm: number
      circles: readonly { xMm: number; yMm: number; rMm: number }[]
    }
    expect(circles.map(({ rMm }) => 2 * rMm)).toEqual(diametersMm)
    for (const { xMm, yMm, rMm } of circles)
      expect(Math.hypot(xMm, yMm) + rMm).toBeLessThanOrEqual(diameterMm / 2 + 1e-6)
  })

  test('a bundle of nothing is refused', async () => {
    expect((await ask('close/bundle', { diametersMm: [] })).status).toBe(400)
    expect((await ask('close/bundle', { diametersMm: [0] })).status).toBe(400)
  })
})

describe('close/ties', () => {
  const wanted = { lengthMm: 880, firstOffsetMm: 40, pitchMm: 110, keepOut: [{ fromMm: 135, toMm: 150 }] }

  test('an even pitch, a tie beside what is kept out of', async () => {
    const { body } = await ask('close/ties', wanted)
    expect(body).toMatchObject({ pitchMm: 100 })
    expect((body.positionsMm as number[]).slice(0, 3)).toEqual([40, 134, 240])
  })

  test('no place is 422 and says between what', async () => {
    const { status, body } = await ask('close/ties', { ...wanted, keepOut: [{ fromMm: 300, toMm: 420 }] })
    expect(status).toBe(422)
    expect(body).toMatchObject({ error: { code: 'no-place', fromMm: 299, toMm: 440 } })
    expect((await ask('close/ties', { ...wanted, keepOut: [{ fromMm: 9, toMm: 8 }] })).status).toBe(400)
  })
})
