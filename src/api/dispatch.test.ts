import { expect, test } from 'vitest'
import { callerFault } from './callerCheck'
import { dispatch } from './dispatch'
import { endpoints } from './endpoints'
import { openInterface } from './openInterface.testing'

const { call, context, post, reports } = openInterface()

test('health says what runs and which data it writes', async () => {
  expect((await call('GET', 'health')).body).toEqual({ status: 'ok', version: '0.1.0', dataFormat: 1 })
})

test.each<[string, unknown, Record<string, unknown>]>([
  ['wire/size', { awg: '2/0' }, { nearestAwg: '2/0', offByPercent: 0 }],
  ['wire/size', { strands: 19, strandMm: 0.2, lengthM: 2 }, { bundleDiameterMm: 1, nearestAwg: '20' }],
  [
    'strip/window',
    {
      construction: 'open-barrel',
      conductorBarrelMm: 2.6,
      transitionMm: 0.8,
      brush: { minMm: 0.2, maxMm: 1 },
      reachMm: 0.5,
    },
    { minMm: 3.2, maxMm: 3.5, limits: { below: 'brush-too-short', above: 'brush-reaches-mating-part' } },
  ],
  ['crimp/pull-minimum', { table: 'iec-60352-2', areaMm2: 0.6 }, { forceN: 70, scope: 'crimped-connections' }],
  [
    'crimp/pull-minimum',
    { table: 'ul-486a', awg: '20' },
    { forceN: 58, forceLbf: 13, rows: [{ awg: '20', forceLbf: 13 }] },
  ],
  [
    'crimp/height-target',
    { wireAreaMm2: 0.5, barrelAreaMm2: 1.1, widthMm: 1.6, compaction: { min: 0.84, max: 0.84 } },
    { estimate: true },
  ],
])('%s answers %j', async (path, input, expected) => {
  const { status, body } = await post(path, input)
  expect(status).toBe(200)
  expect(body).toMatchObject(expected)
})

test('face/cavities gives ids, places and words', async () => {
  const { body } = await post('face/cavities', {
    arrangement: { kind: 'rows', rowCounts: [8, 9, 10], pitchMm: 4, rowPitchMm: 5 },
    ids: { kind: 'numbers', order: 'same-side' },
    mark: { kind: 'chamfer', at: { xMm: -20, yMm: 8 } },
  })
  const cavities = body.cavities as { id: string; words: string }[]
  expect(cavities).toHaveLength(27)
  expect(cavities[19]).toEqual({
    id: '20',
    row: 2,
    index: 2,
    xMm: -10,
    yMm: -5,
    words: 'Bottom row, third from the chamfer, between 10 and 11 of the row above',
  })
  const rings = await post('face/cavities', {
    arrangement: { kind: 'rings', ringCounts: [1, 6] },
    ids: { kind: 'letters', skip: ['I', 'O', 'Q'], order: 'out' },
  })
  expect((rings.body.cavities as { id: string }[]).map((one) => one.id).join('')).toBe('ABCDEFG')
})

test('fit gives sets with their setups, and a code with figures for each candidate that is out', async () => {
  const { body } = await post('fit', { housing: 'CM-10P', cavity: '1', wire: { type: 'TW-0.5' } })
  expect(body.sets?.[0]).toMatchObject({
    contact: 'CM-SK-N',
    setups: [{ tool: 'QF-5', positioner: 'QP-2', selector: 7, notchMm: 1.1 }],
  })
  const blocked = await post('fit', { housing: 'SW-7P', cavity: '3', wire: { areaMm2: 1.5, insulationMm: 2.95 } })
  expect(blocked.body.sets).toEqual([])
  expect(blocked.body.rejected?.[0]).toMatchObject({
    contact: 'SC-09-18',
    seal: 'SL-24',
    code: 'seal-tears',
    insulationMm: 2.95,
    maxMm: 2.75,
  })
})

test.each<[string, unknown, (string | number)[], string]>([
  ['wire/size', { areaMm2: 0 }, ['areaMm2'], 'must be above 0'],
  ['wire/size', { areaMm2: '0.5' }, ['areaMm2'], 'must be a number'],
  ['wire/size', {}, [], 'give one of'],
  ['wire/size', { awg: '20', areaMm2: 1 }, [], 'give one of'],
  ['wire/size', { strands: 7 }, ['strandMm'], 'go together'],
  ['wire/size', { awg: 'fat' }, ['awg'], 'must be a gauge'],
  ['crimp/pull-minimum', { table: 'x', areaMm2: 1 }, ['table'], 'must be one of iec-60352-2'],
  [
    'strip/window',
    { construction: 'closed-barrel', gap: { minMm: 1, maxMm: 0.5 }, barrelDepthMm: 5 },
    ['gap'],
    'min must not be above max',
  ],
  [
    'face/cavities',
    { arrangement: { kind: 'rows', rowCounts: [3] }, ids: { kind: 'numbers', order: 'out' } },
    ['ids', 'order'],
    'same-side or snake',
  ],
])('%s with %j is bad input at %j', async (path, input, at, message) => {
  const { status, body } = await post(path, input)
  expect(status).toBe(400)
  expect(body.error?.code).toBe('bad-input')
  expect(body.error?.issues?.[0]?.path).toEqual(at)
  expect(body.error?.issues?.[0]?.message).toContain(message)
})

test('outside a table, or without a window, there is no answer: 422 with the figures', async () => {
  expect(await post('crimp/pull-minimum', { table: 'iec-60352-2', areaMm2: 16 })).toMatchObject({
    status: 422,
    body: { error: { code: 'outside-table', areaMm2: 16, toMm2: 10 } },
  })
  expect(
    await post('strip/window', {
      construction: 'open-barrel',
      conductorBarrelMm: 2,
      transitionMm: 1,
      brush: { minMm: 0.5, maxMm: 1 },
      reachMm: 0.2,
    }),
  ).toMatchObject({ status: 422, body: { error: { code: 'no-window' } } })
})

test('unknown paths, wrong methods, no JSON, too much: always JSON', async () => {
  expect(await call('GET', 'nothing/here')).toMatchObject({ status: 404, body: { error: { code: 'not-found' } } })
  const wrong = await call('DELETE', 'jobs')
  expect(wrong.status).toBe(405)
  expect(wrong.headers.get('allow')).toBe('GET, POST')
  expect(await post('wire/size', '{')).toMatchObject({ status: 400 })
  expect(await call('POST', 'wire/size', '{"areaMm2":1}', { contentType: 'text/plain' })).toMatchObject({ status: 400 })
  expect(await post('wire/size', ' '.repeat(5 * 1024 * 1024 + 1))).toMatchObject({ status: 413 })
})

test('what breaks is 500 with an id, and no trace of the program', async () => {
  const response = await dispatch(new Request('http://127.0.0.1/api/v1/jobs'), 'jobs', {
    ...context,
    bench: () => Promise.reject(new Error('secret /path')),
  })
  const text = await response.text()
  expect(response.status).toBe(500)
  expect(JSON.parse(text)).toMatchObject({ error: { code: 'internal', id: String(reports.length) } })
  expect(text).not.toContain('secret')
})

test('what GET gives of the catalogue, POST takes as the same', async () => {
  const { body } = await call('GET', 'catalogue')
  expect(await post('catalogue', body)).toMatchObject({ status: 200, body: { added: [], changed: [] } })
  expect(await post('catalogue', { ...body, wireTypes: [{ id: 'x y' }] })).toMatchObject({ status: 400 })
})

test('contact/bands spells the bin, gives the contacts that carry it, and reads from the other end', async () => {
  const { body } = await post('contact/bands', { bands: ['white', 'violet', 'green'] })
  expect(body).toMatchObject({
    bin: '975',
    contacts: [{ id: 'RK-SK-C', family: 'raku' }],
    otherEnd: { bin: '579', contacts: [] },
  })
  expect((await post('contact/bands', { bands: ['WH', 'VT', 'GN'] })).body.bin).toBe('975')
  expect((await post('contact/bands', { bands: ['white', 'mauve'] })).body.error?.issues?.[0]).toMatchObject({
    path: ['bands', 1],
  })
})

test('fit follows any family and any house rules of the shelf', async () => {
  const raku = await post('fit', { housing: 'RK-20P', cavity: 'U', wire: { type: 'TW-1.0' } })
  expect(raku.body.sets?.[0]).toMatchObject({
    contact: 'RK-SK-C',
    setups: [{ tool: 'QF-5', positioner: 'QP-4', selector: 8 }],
  })
  const shard = { housing: 'SH-2x5', cavity: '1', wire: { type: 'UT-0.14' } }
  expect((await post('fit', shard)).body.sets).toEqual([])
  expect((await post('fit', { ...shard, rules: 'field-repair' })).body.sets?.[0]).toMatchObject({
    setups: [{ tool: 'NH-5', nest: '1.2' }],
  })
  expect((await post('fit', { ...shard, rules: 'nobody' })).body.error?.issues?.[0]).toMatchObject({ path: ['rules'] })
})

test('a package that contradicts itself is refused whole', async () => {
  const before = (await call('GET', 'catalogue')).body
  const placards = before.placards as { id: string; rows: { contact: string; selector?: number }[] }[]
  const bad = {
    ...before,
    families: [],
    wireTypes: [{ ...(before.wireTypes as object[])[0], id: 'NEW-WIRE' }],
    placards: [
      {
        ...placards.find((one) => one.id === 'QP-1'),
        rows: [
          ...(placards.find((one) => one.id === 'QP-1')?.rows ?? []),
          { contact: 'CS-SK-N', conductor: { minMm2: 0.2, maxMm2: 0.3 }, positioner: 'QP-1', selector: 9 },
        ],
      },
    ],
  }
  expect(await post('catalogue', bad)).toMatchObject({ status: 400 })
  expect((await call('GET', 'catalogue')).body).toEqual(before)
})

test('the OpenAPI document names every endpoint, its query and every status', async () => {
  const { body } = await call('GET', 'openapi.json')
  expect(body.openapi).toBe('3.1.0')
  for (const one of endpoints)
    for (const status of one.succeeds)
      expect(body.paths).toHaveProperty([
        `/api/v1/${one.path.replace(/:(\w+)/g, '{$1}')}`,
        one.method.toLowerCase(),
        'responses',
        String(status),
      ])
  expect(body).toMatchObject({
    paths: {
      '/api/v1/jobs/{id}/journal': {
        get: { parameters: [{ name: 'id' }, { name: 'after', in: 'query' }, { name: 'limit', in: 'query' }] },
        post: { responses: { 201: {}, 404: {}, 409: {}, 422: {}, 413: {} } },
      },
    },
  })
})

test.each([
  ['GET', { host: '127.0.0.1:4100' }, undefined],
  ['GET', { host: 'evil.example' }, 421],
  ['POST', { host: '127.0.0.1:4100', origin: 'http://127.0.0.1:4100' }, undefined],
  ['POST', { host: '127.0.0.1:4100', origin: 'http://evil.example' }, 403],
  ['POST', { host: '127.0.0.1:4100', origin: 'null' }, 403],
  ['POST', { host: '127.0.0.1:4100', 'sec-fetch-site': 'cross-site' }, 403],
  ['POST', { host: '127.0.0.1:4100' }, undefined],
])('%s from %j: %s', (method, headers, status) => {
  expect(callerFault(method, new Headers(headers))?.status).toBe(status)
})
