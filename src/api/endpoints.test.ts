import fc from 'fast-check'
import { expect, test } from 'vitest'
import { ask } from './askComputation.testing'

// expected figures worked out by hand from the formulas in the docstrings
test.each<[unknown, Record<string, number | string>]>([
  [{ awg: '20' }, { areaMm2: 0.5176, solidDiameterMm: 0.8118, ohmPerM: 0.03331, nearestAwg: '20' }],
  [
    { awg: '20', stranded: true },
    { areaMm2: 0.5176, ohmPerM: 0.03398 },
  ],
  [{ awg: '0000' }, { areaMm2: 107.22, nearestAwg: '4/0' }],
  [
    { areaMm2: 1, lengthM: 10 },
    { solidDiameterMm: 1.1284, ohm: 0.17241, nearestAwg: '18' },
  ],
  [{ areaMm2: 1, temperatureC: 70 }, { ohmPerM: 0.020629 }],
  [{ bareDiameterMm: 1 }, { areaMm2: 0.7854 }],
  [
    { bareDiameterMm: 1, stranded: true },
    { areaMm2: 0.589, bundleDiameterMm: 1 },
  ],
  [
    { strands: 19, strandMm: 0.2 },
    { areaMm2: 0.5969, bundleDiameterMm: 1, offByPercent: 15.32 },
  ],
  [{ strands: 16, strandMm: 0.2 }, { bundleDiameterMm: 0.9238 }],
])('wire/size of %j', async (input, expected) => {
  const { status, body } = await ask('wire/size', input)
  expect(status).toBe(200)
  for (const [key, value] of Object.entries(expected)) {
    if (typeof value === 'string') expect(body[key]).toBe(value)
    else expect(Math.abs((body[key] as number) / value - 1)).toBeLessThan(0.001)
  }
})

test.each<[unknown, unknown]>([
  [
    { text: '0,62 m', quantity: 'length' },
    { value: 620, unit: 'mm', reading: '0.62 m, that is 620 mm' },
  ],
  [
    { text: '24 in', quantity: 'length' },
    { value: 609.6, unit: 'mm', reading: '24 in, that is 609.6 mm' },
  ],
  [
    { text: '3/8 in', quantity: 'length' },
    { value: 9.525, unit: 'mm', reading: '3/8 in, that is 9.525 mm' },
  ],
  [
    { text: '#18', quantity: 'gauge' },
    { value: { awg: '18' }, unit: 'AWG', reading: '18 AWG' },
  ],
  [
    { text: '000', quantity: 'gauge' },
    { value: { awg: '3/0' }, unit: 'AWG', reading: '3/0 AWG' },
  ],
  [
    { text: '30 MΩ', quantity: 'resistance' },
    { value: 30e6, unit: 'Ω' },
  ],
  [
    { text: '30 mΩ', quantity: 'resistance' },
    { value: 0.03, unit: 'Ω' },
  ],
  [
    { text: '1,200 mm', quantity: 'length', plausible: [10, 100000] },
    { value: 1200, reading: '1200 mm' },
  ],
  [{ text: '1.026 mm', quantity: 'length', plausible: [0.2, 6] }, { value: 1.026 }],
  [
    { text: '68 °F', quantity: 'temperature' },
    { value: 20, unit: '°C' },
  ],
])('units/parse of %j', async (input, expected) => {
  const { status, body } = await ask('units/parse', input)
  expect(status).toBe(200)
  expect(body).toMatchObject(expected as Record<string, unknown>)
})

test.each<[unknown, number, unknown]>([
  [{ text: '1,200 mm', quantity: 'length' }, 422, { code: 'ambiguous', readings: [1.2, 1200], unit: 'mm' }],
  [
    { text: '20,500', quantity: 'length', plausible: [10, 100000] },
    422,
    { code: 'ambiguous', readings: [20.5, 20500] },
  ],
  [{ text: 'about two', quantity: 'length' }, 400, { code: 'bad-input', issues: [{ path: ['text'] }] }],
  [{ text: '5 lbf', quantity: 'length' }, 400, { code: 'bad-input', issues: [{ path: ['text'] }] }],
  [{ text: '-5 mm', quantity: 'length' }, 400, { code: 'bad-input', issues: [{ path: ['text'] }] }],
  [{ text: '99', quantity: 'gauge' }, 400, { code: 'bad-input', issues: [{ path: ['text'] }] }],
  [{ text: '5', quantity: 'length', plausible: [3, 1] }, 400, { code: 'bad-input', issues: [{ path: ['plausible'] }] }],
])('units/parse of %j is asked about or refused', async (input, wanted, expected) => {
  const { status, body } = await ask('units/parse', input)
  expect(status).toBe(wanted)
  expect(body.error).toMatchObject(expected as Record<string, unknown>)
})

test.each<[unknown, readonly [number, number, number]]>([
  [{ construction: 'closed-barrel', barrelDepthMm: 5.2, gap: { minMm: 0.3, maxMm: 1 } }, [5.5, 5.85, 6.2]],
  [{ construction: 'closed-barrel', barrelDepthMm: 4, cupDepthMm: 1.5, gap: { minMm: 0, maxMm: 0.5 } }, [5.5, 5.75, 6]],
  [
    {
      construction: 'open-barrel',
      conductorBarrelMm: 2.8,
      transitionMm: 0.8,
      brush: { minMm: 0.2, maxMm: 1 },
      reachMm: 1.4,
    },
    [3.4, 3.8, 4.2],
  ],
  [
    {
      construction: 'open-barrel',
      conductorBarrelMm: 2.8,
      transitionMm: 0.8,
      brush: { minMm: 0.2, maxMm: 1 },
      reachMm: 0.2,
    },
    [3.4, 3.4, 3.4],
  ],
])('strip/window of %j', async (input, [min, nominal, max]) => {
  const { body } = await ask('strip/window', input)
  expect([body.minMm, body.nominalMm, body.maxMm].map((mm) => Math.round((mm as number) * 1e6) / 1e6)).toEqual([
    min,
    nominal,
    max,
  ])
})

test('the lower end of a closed barrel is named as the interface promises; what has no finite figure is refused, never null', async () => {
  const { body } = await ask('strip/window', {
    construction: 'closed-barrel',
    barrelDepthMm: 5.2,
    gap: { minMm: 0.3, maxMm: 1 },
  })
  expect(body.limits).toEqual({ below: 'hole-empty', above: 'gap-too-large' })
  for (const [path, input] of [
    ['crimp/height-target', { wireAreaMm2: 1e300, barrelAreaMm2: 1, widthMm: 1e-300 }],
    ['wire/size', { areaMm2: 1e-320, lengthM: 1e300 }],
  ] as const) {
    const answered = await ask(path, input)
    expect(answered.status).toBe(400)
    expect(JSON.stringify(answered.body)).toContain('no finite value')
  }
})

test.each<[unknown, number]>([
  [{ table: 'iec-60352-2', areaMm2: 0.05 }, 6],
  [{ table: 'iec-60352-2', areaMm2: 0.35 }, 44], // 40 + 0.03/0.18 × 20 = 43.3
  [{ table: 'iec-60352-2', areaMm2: 1.25 }, 131], // 108 + 0.25/0.3 × 27 = 130.5
  // a printed gauge takes the row that stands for it, whatever its metal
  [{ table: 'iec-60352-2', awg: '12' }, 275],
  [{ table: 'iec-60352-2', awg: '24' }, 28],
  [{ table: 'iec-60352-2', awg: '14' }, 200],
  [{ table: 'iec-60352-2', awg: '10' }, 355],
  [{ table: 'ul-486a', awg: '16' }, 134], // 30 lbf = 133.4 N
  [{ table: 'as7928', awg: '26' }, 32], // 7 lbf = 31.1 N
  [{ table: 'as7928', areaMm2: 2 }, 312], // next larger gauge is 14: 70 lbf
])('crimp/pull-minimum of %j is %i N', async (input, forceN) => {
  expect((await ask('crimp/pull-minimum', input)).body.forceN).toBe(forceN)
})

test('crimp/height-target at one compaction is that height', async () => {
  const { body } = await ask('crimp/height-target', {
    wireAreaMm2: 0.5,
    barrelAreaMm2: 1.1,
    widthMm: 1.6,
    shapeFactor: 0.8,
    compaction: { min: 0.85, max: 0.85 },
  })
  expect(body.nominalMm).toBeCloseTo((0.85 * 1.6) / (0.8 * 1.6), 12)
  expect(body.minMm).toBe(body.maxMm)
})

test.each<[string, unknown, readonly string[]]>([
  [
    'snake',
    { arrangement: { kind: 'rows', rowCounts: [3, 3] }, ids: { kind: 'numbers', order: 'snake' } },
    ['1', '2', '3', '6', '5', '4'],
  ],
  [
    'from nought',
    { arrangement: { kind: 'rows', rowCounts: [2, 1] }, ids: { kind: 'numbers', start: 0, order: 'same-side' } },
    ['0', '1', '2'],
  ],
  [
    'letters without I',
    { arrangement: { kind: 'rows', rowCounts: [10] }, ids: { kind: 'letters', skip: ['I'], order: 'same-side' } },
    ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'J', 'K'],
  ],
  [
    'rings inward',
    { arrangement: { kind: 'rings', ringCounts: [1, 3] }, ids: { kind: 'numbers', order: 'in' } },
    ['4', '1', '2', '3'],
  ],
  ['no ids at all', { arrangement: { kind: 'rings', ringCounts: [1, 3] } }, ['1', '2', '3', '4']],
])('face/cavities numbers %s', async (_what, input, ids) => {
  const { body } = await ask('face/cavities', input)
  expect((body.cavities as { id: string }[]).map((cavity) => cavity.id)).toEqual(ids)
})

test('rings go clockwise from the top unless they are told otherwise', async () => {
  const places = async (more: object) =>
    (
      (await ask('face/cavities', { arrangement: { kind: 'rings', ringCounts: [4], ringRadiiMm: [5], ...more } })).body
        .cavities as { xMm: number; yMm: number }[]
    ).map(({ xMm, yMm }) => [xMm, yMm])
  expect(await places({})).toEqual([
    [0, 5],
    [5, 0],
    [0, -5],
    [-5, 0],
  ])
  expect(await places({ clockwise: false })).toEqual([
    [0, 5],
    [-5, 0],
    [0, -5],
    [5, 0],
  ])
  expect(await places({ startDeg: 0 })).toEqual([
    [5, 0],
    [0, -5],
    [-5, 0],
    [0, 5],
  ])
})

test('whatever is posted, the answer is JSON with a status of ours and no trace of the program', async () => {
  const paths = fc.constantFrom(
    'wire/size',
    'strip/window',
    'crimp/pull-minimum',
    'crimp/height-target',
    'face/cavities',
  )
  await fc.assert(
    fc.asyncProperty(paths, fc.jsonValue(), async (path, value) => {
      const { status, body } = await ask(path, value)
      expect([200, 400, 422]).toContain(status)
      if (status !== 200) expect(JSON.stringify(body)).not.toMatch(/at .*\.ts|node_modules/)
    }),
    { numRuns: 150 },
  )
})

test('stats/control answers with limits, capability and signals', async () => {
  const { status, body } = await ask('stats/control', { values: [10, 12, 11, 14, 12], lower: 4, upper: 20 })
  expect(status).toBe(200)
  expect(body).toMatchObject({ centre: 11.8, range: { centre: 2, lcl: 0 }, signals: [] })
  expect(body.ucl).toBeCloseTo(17.12, 9)
  // five readings state no capability; 25 of the same do: sigma within 2 / 1.128, the nearer limit 7.8 away
  expect(body).toMatchObject({ n: 5, withheld: [{ what: 'capability', why: 'too-few', needs: 25 }] })
  expect([body.cp, body.cpk, body.cpkAtLeast]).toEqual([undefined, undefined, undefined])
  const many = Array.from({ length: 25 }, (_, i) => [10, 12, 11, 14, 12][i % 5] ?? 0)
  const enough = (await ask('stats/control', { values: many, lower: 4, upper: 20 })).body
  expect(enough.cpk).toBeCloseTo(7.8 / (3 * (2 / 1.128)), 9)
  expect(enough.cp).toBeCloseTo(16 / (6 * (2 / 1.128)), 9)
  const cpk = 7.8 / (3 * (2 / 1.128))
  expect(enough.cpkAtLeast).toBeCloseTo(cpk - 1.645 * Math.sqrt(1 / 225 + cpk ** 2 / (2 * 0.62 * 24)), 9)
  expect(enough).not.toHaveProperty('withheld')
  const changed = (await ask('stats/control', { values: [...many, 40], lower: 4, upper: 20 })).body
  expect(changed).toMatchObject({ n: 26, withheld: [{ why: 'signals', at: [25] }] })
  expect(
    (
      await ask('stats/control', {
        subgroups: [
          [1, 2],
          [1, 2, 3],
        ],
      })
    ).body,
  ).toMatchObject({
    error: { code: 'uneven-subgroups', message: 'subgroup 2 has 3 readings, the others 2: all must be of one size' },
  })
  expect((await ask('stats/control', { values: [1] })).status).toBe(422)
  expect((await ask('stats/control', { values: [1, 2], lower: 3, upper: 2 })).body).toMatchObject({
    error: { issues: [{ path: ['lower'], message: 'must be below upper' }] },
  })
  expect((await ask('stats/control', {})).status).toBe(400)
})

test('close/cut-plan answers with what is cut from where and the bound', async () => {
  const { status, body } = await ask('close/cut-plan', {
    spools: [
      { id: 'A', lengthMm: 1000 },
      { id: 'B', lengthMm: 1000 },
    ],
    cuts: [
      { id: 'x', lengthMm: 700, count: 1 },
      { id: 'y', lengthMm: 300, count: 1 },
      { id: 'z', lengthMm: 400, count: 1 },
    ],
  })
  expect(status).toBe(200)
  expect(body).toMatchObject({ spoolsOpened: 2, bound: 2, short: [], wasteMm: 0, longestLeftMm: 600 })
  expect(
    (
      await ask('close/cut-plan', {
        spools: [
          { id: 'A', lengthMm: 5 },
          { id: 'A', lengthMm: 6 },
        ],
        cuts: [],
      })
    ).body,
  ).toMatchObject({
    error: { issues: [{ path: ['spools'], message: 'spool “A” stands twice: each needs an id of its own' }] },
  })
  expect((await ask('close/cut-plan', { spools: [], cuts: [{ id: 'x', lengthMm: -1, count: 1 }] })).status).toBe(400)
})

test('rework/plan: two swaps, a three-cycle, one wire added and one removed', async () => {
  const before = { '1': 'W1', '2': 'W2', '3': 'W3', '4': 'W4', '5': 'W5', '6': 'W6', '7': 'W7', '8': 'W8', '9': 'W9' }
  const after = { '1': 'W2', '2': 'W1', '3': 'W4', '4': 'W3', '5': 'W6', '6': 'W7', '7': 'W5', '9': 'W9', '10': 'W10' }
  const { status, body } = await ask('rework/plan', { before, after, sealed: true, plugged: ['10'] })
  expect(status).toBe(200)
  expect(body).toMatchObject({ extractions: 8, parkings: 3, parkedAtOnce: 1 })
  const steps = body.steps as { do: string; wire?: string; cavity?: string }[]
  expect(steps.filter((step) => !['extract', 'park', 'insert'].includes(step.do))).toEqual([
    { do: 'retire', wire: 'W8', cavity: '8' },
    { do: 'plug', cavity: '8' },
    { do: 'unplug', cavity: '10' },
    { do: 'bring', wire: 'W10' },
  ])
  // followed by hand: the face ends as it is wanted
  const face = new Map(Object.entries(before))
  for (const step of steps) {
    if (step.do === 'extract' || step.do === 'park' || step.do === 'retire') face.delete(step.cavity ?? '')
    if (step.do === 'insert') {
      expect(face.has(step.cavity ?? '')).toBe(false)
      face.set(step.cavity ?? '', step.wire ?? '')
    }
  }
  expect(Object.fromEntries(face)).toEqual(after)
  const unsealed = await ask('rework/plan', { before, after, plugged: ['10'] })
  expect((unsealed.body.steps as { do: string }[]).some((step) => step.do.endsWith('plug'))).toBe(false)
})

test.each([
  [
    { before: { '1': 'W1', '2': 'W1' }, after: {} },
    ['before', '2'],
    'wire W1 stands in 1 and in 2: a wire is in one cavity of a housing',
  ],
  [
    { before: { '1': 'W1' }, after: { '2': 'W1', '3': 'W1' } },
    ['after', '3'],
    'wire W1 is wanted in 2 and in 3: give it one of them',
  ],
  [
    { before: { '1': 'W1' }, after: {}, sealed: true, plugged: ['1'] },
    ['plugged'],
    '1 holds wire W1 and a plug: it is one or the other',
  ],
])('rework/plan refuses %j', async (input, path, message) => {
  const { status, body } = await ask('rework/plan', input)
  expect(status).toBe(400)
  expect(body).toMatchObject({ error: { code: 'bad-input', issues: [{ path, message }] } })
})

test('prove/resistance answers for the net and for its contacts, by the temperature of the measurement', async () => {
  const net = { lengthM: 2, areaMm2: 0.5, contacts: 2 }
  const plain = (await ask('prove/resistance', net)).body
  expect(plain.expectedOhm).toBeCloseTo(0.0803433, 6)
  expect(plain).not.toHaveProperty('verdict')
  const read = { ...net, measuredOhm: 0.31, leadsOhm: 0.21, resolutionOhm: 0.001, like: [0.08, 0.081, 0.079, 0.08] }
  const { body } = await ask('prove/resistance', read)
  expect(body).toMatchObject({ verdict: 'good', contacts: { verdict: 'cannot-tell' }, outlier: true })
  expect(body.netOhm).toBeCloseTo(0.1, 12)
  expect((body.contacts as { atMostOhm: number }).atMostOhm).toBeCloseTo(0.101 - 0.0703433 * 0.9, 6)
  // 0.1 Ω at 60 °C is a warm wire
  expect((await ask('prove/resistance', { ...read, temperatureC: 60 })).body).toMatchObject({
    contacts: { verdict: 'good' },
  })
  expect((await ask('prove/resistance', { ...net, like: [1, 2, 3] })).status).toBe(400)
})
