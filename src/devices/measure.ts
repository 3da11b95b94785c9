import { fail, ok, type Result } from '@/core/base/result'
import type { DeviceFault } from '@/core/base/instrument/deviceFault'
import type { InstrumentKind } from '@/core/base/instrument/instruments'
import type { LineLink } from './lineLink'

/** A number of IEEE 488.2: an integer, a decimal or with an exponent. */
const NUMBER = /^[+-]?(\d+\.?\d*|\.\d+)([eE][+-]?\d+)?$/

/** Who answers, and whether it is the kind that is expected. */
export async function identify(
  link: LineLink,
  kind: InstrumentKind,
  withinMs?: number,
): Promise<Result<string, DeviceFault>> {
  const identity = await link.ask('*IDN?', withinMs)
  if (!identity.ok) return identity
  const parts = identity.value.split(',').map((part) => part.trim())
  if (parts.length !== 4) return fail({ kind: 'rubbish', asked: '*IDN?', got: identity.value.slice(0, 80) })
  return parts[1] === kind.model
    ? ok(identity.value)
    : fail({ kind: 'other-instrument', got: identity.value.slice(0, 80), expected: kind.model })
}

/**
 * One reading in the kind's own unit. The unit is asked for each time: a tester that somebody has switched to pounds between
 * two pulls must not be believed in newtons.
 */
export async function measure(link: LineLink, kind: InstrumentKind): Promise<Result<number, DeviceFault>> {
  const unit = await link.ask(kind.unitQuestion)
  if (!unit.ok) return unit
  if (unit.value.trim().toUpperCase() !== kind.unit.toUpperCase())
    return fail({ kind: 'wrong-unit', got: unit.value.trim().slice(0, 20), expected: kind.unit })
  const said = await link.ask(kind.question)
  if (!said.ok) return said
  return reading(said.value, kind)
}

/** A line as a reading of an instrument, within what it can measure. */
export function reading(line: string, kind: InstrumentKind): Result<number, DeviceFault> {
  const text = line.trim()
  if (!NUMBER.test(text)) return fail({ kind: 'rubbish', asked: kind.question, got: text.slice(0, 80) })
  const value = Number(text)
  // IEEE 488.2 says 9.91E37 for what is no number, and 9.9E37 for what is beyond it
  if (!(value >= kind.min && value <= kind.max))
    return fail({ kind: 'out-of-range', value, min: kind.min, max: kind.max, unit: kind.unit })
  return ok(value)
}

/** A point of a pull: seconds since its start, newtons. */
export interface PullPoint {
  readonly s: number
  readonly forceN: number
}

export interface Pull {
  readonly points: readonly PullPoint[]
  readonly peakN: number
  /** how the piece gave way, as the tester says it */
  readonly breaks: string
}

/**
 * A whole pull, point by point as it comes: `0.012,34.5` a line, and `END,peak,break` as the last. The peak is taken from the
 * points: a tester that says another is not believed.
 * @param hear is told each point
 */
export async function pull(
  link: LineLink,
  kind: InstrumentKind,
  hear: (point: PullPoint) => void,
): Promise<Result<Pull, DeviceFault>> {
  const points: PullPoint[] = []
  let fault: DeviceFault | undefined
  let breaks = ''
  let saidPeakN = NaN
  const heard = await link.listen('TRAC:PULL?', (line) => {
    const [first = '', second = '', third = ''] = line.split(',').map((part) => part.trim())
    if (first === 'END') {
      saidPeakN = Number(second)
      breaks = third
      return true
    }
    const force = reading(second, kind)
    if (!NUMBER.test(first) || !force.ok) {
      fault = force.ok ? { kind: 'rubbish', asked: 'TRAC:PULL?', got: line.slice(0, 80) } : force.fault
      return true
    }
    const point = { s: Number(first), forceN: force.value }
    points.push(point)
    hear(point)
    return false
  })
  if (!heard.ok) return heard
  if (fault) {
    // the rest of the curve would be taken for the answer to the next question
    link.close()
    return fail(fault)
  }
  const peakN = Math.max(0, ...points.map((point) => point.forceN))
  if (points.length === 0 || Math.abs(peakN - saidPeakN) > 0.02 * peakN + 0.1)
    return fail({ kind: 'rubbish', asked: 'TRAC:PULL?', got: `END,${saidPeakN},${breaks}`.slice(0, 80) })
  return ok({ points, peakN, breaks })
}
