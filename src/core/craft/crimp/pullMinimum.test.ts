import fc from 'fast-check'
import { expect, test } from 'vitest'
import { pullMinimum, type Conductor } from './pullMinimum'
import { pullTables, type PullTableId } from './pullTables'

test.each<[PullTableId, Conductor, number]>([
  ['iec-60352-2', { areaMm2: 0.5 }, 60],
  ['iec-60352-2', { areaMm2: 0.6 }, 70], // 60 + 0.4 × 25
  ['iec-60352-2', { areaMm2: 10 }, 380],
  // a printed gauge has a row of its own
  ['iec-60352-2', { awg: 30 }, 6],
  ['iec-60352-2', { awg: 28 }, 11],
  ['iec-60352-2', { awg: 26 }, 15],
  ['iec-60352-2', { awg: 24 }, 28],
  ['iec-60352-2', { awg: 22 }, 40],
  ['iec-60352-2', { awg: 20 }, 60],
  ['iec-60352-2', { awg: 18 }, 90],
  ['iec-60352-2', { awg: 16 }, 135],
  ['iec-60352-2', { awg: 14 }, 200],
  ['iec-60352-2', { awg: 12 }, 275],
  ['iec-60352-2', { awg: 10 }, 355],
  ['iec-60352-2', { awg: 8 }, 370],
  // another gauge by its metal: 21 AWG is 0.4105 mm², 40 + 0.503 × 20
  ['iec-60352-2', { awg: 21 }, 51],
  ['ul-486a', { awg: 20 }, 58], // 13 lbf = 57.83 N
  ['ul-486a', { areaMm2: 0.5 }, 58], // next larger gauge is 20
  ['ul-486a', { areaMm2: 0.6 }, 89], // next larger gauge is 18: 20 lbf = 88.96 N
  ['ul-486a', { awg: 21 }, 58], // no row of its own
  ['as7928', { awg: 6 }, 1335], // 300 lbf = 1334.47 N
])('%s asks of %j at least %i N', (table, conductor, forceN) => {
  const minimum = pullMinimum(table, conductor)
  expect(minimum.ok && minimum.value.forceN).toBe(forceN)
})

test.each<[PullTableId, Conductor]>([
  ['iec-60352-2', { areaMm2: 0.04 }],
  ['iec-60352-2', { areaMm2: 16 }],
  ['ul-486a', { awg: 28 }],
  ['ul-486a', { awg: 4 }],
  ['as7928', { areaMm2: 14 }],
  ['as7928', { areaMm2: 0.1 }],
])('%s says nothing of %j', (table, conductor) => {
  const minimum = pullMinimum(table, conductor)
  expect(minimum.ok ? undefined : minimum.fault.kind).toBe('outside-table')
})

test('a thicker wire is never asked for less', () => {
  const area = fc.double({ min: 0.13, max: 10, noNaN: true })
  fc.assert(
    fc.property(fc.constantFrom(...(Object.keys(pullTables) as PullTableId[])), area, area, (table, one, other) => {
      const thin = pullMinimum(table, { areaMm2: Math.min(one, other) })
      const thick = pullMinimum(table, { areaMm2: Math.max(one, other) })
      if (!thin.ok || !thick.ok) throw new Error('inside every table')
      expect(thick.value.forceN).toBeGreaterThanOrEqual(thin.value.forceN)
    }),
  )
})
