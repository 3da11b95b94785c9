import type { DeviceFault } from '@/core/base/instrument/deviceFault'
import { instruments } from '@/core/base/instrument/instruments'
import { fail, ok, type Result } from '@/core/base/result'
import type { LineLink } from './lineLink'
import { reading } from './measure'

/** Two points of an analyser, counted from 1, that something joins. */
export interface FoundJoint {
  readonly from: number
  readonly to: number
  readonly ohm: number
  /** of the pair in the order of all pairs */
  readonly place: number
}

/** A harness for a stand-in, by the numbers of its points. A real analyser never hears of it. */
export interface HarnessToLay {
  readonly joints: readonly { readonly from: number; readonly to: number; readonly ohm: number }[]
  readonly loose: readonly { readonly from: number; readonly to: number; readonly at: string }[]
}

export interface ScanAsked {
  readonly points: number
  /** what reads less is joined */
  readonly belowOhm: number
  readonly harness: HarnessToLay
}

export type ScanNews =
  | { readonly kind: 'joined'; readonly joint: FoundJoint }
  | { readonly kind: 'at'; readonly done: number }
  /** the link was lost, and the run goes on from there */
  | { readonly kind: 'resumed'; readonly done: number }

export interface Scanned {
  readonly joined: readonly FoundJoint[]
  readonly pairs: number
  readonly identity: string
}

export interface WatchAsked {
  readonly channels: readonly { readonly from: number; readonly to: number }[]
  readonly harness: HarnessToLay
  /** what is moved now, for a stand-in */
  readonly moving: () => string
}

export interface WatchHearer {
  readonly begin: (rateHz: number, identity: string) => void
  /** @param ohms by channel, undefined is open */
  readonly sample: (s: number, ohms: readonly (number | undefined)[]) => void
}

/** Joints that go out on one line: a line has an end. */
const JOINTS_A_LINE = 60

/** Tells a stand-in what lies on it. */
export function layHarness(link: LineLink, { joints, loose }: HarnessToLay): void {
  link.tell('SIM:HARN')
  for (let i = 0; i < joints.length; i += JOINTS_A_LINE)
    link.tell(
      `SIM:JOIN ${joints
        .slice(i, i + JOINTS_A_LINE)
        .map(({ from, to, ohm }) => `${String(from)},${String(to)}=${ohm.toFixed(5)}`)
        .join(';')}`,
    )
  for (const { from, to, at } of loose) link.tell(`SIM:INTE ${String(from)},${String(to)}=${at}`)
}

/** Where a pair stands in the order of all pairs of so many points. */
const placeOf = (from: number, to: number, points: number): number =>
  ((from - 1) * (2 * points - from)) / 2 + (to - from - 1)

/**
 * All pairs of points from a place on: `JOIN 1,5,0.0512` for what is joined, `AT 1200` for how many are done, `END total`.
 * @returns how many pairs there are
 */
export async function scanPairs(
  link: LineLink,
  { points, belowOhm, from }: ScanAsked & { readonly from: number },
  hear: (news: ScanNews) => void,
): Promise<Result<number, DeviceFault>> {
  const asked = `SCAN:PAIR? ${String(points)},${String(belowOhm)},${String(from)}`
  const total = (points * (points - 1)) / 2
  let fault: DeviceFault | undefined
  let saidTotal = NaN
  const heard = await link.listen(asked, (line) => {
    const [word = '', rest = ''] = line.trim().split(' ')
    const said = rest.split(',')
    const [first = NaN, second = NaN] = said.map(Number)
    if (word === 'END') {
      saidTotal = first
      return true
    }
    if (word === 'AT' && Number.isInteger(first) && first >= from && first <= total) {
      hear({ kind: 'at', done: first })
      return false
    }
    const ohm = reading(said[2] ?? '', instruments.analyser)
    const isPair =
      Number.isInteger(first) && Number.isInteger(second) && first >= 1 && second > first && second <= points
    if (word === 'JOIN' && isPair && ohm.ok) {
      const joint = { from: first, to: second, ohm: ohm.value, place: placeOf(first, second, points) }
      hear({ kind: 'joined', joint })
      return false
    }
    fault = { kind: 'rubbish', asked, got: line.slice(0, 80) }
    return true
  })
  if (!heard.ok) return heard
  if (fault ?? saidTotal !== total) {
    link.close()
    return fail(fault ?? { kind: 'rubbish', asked, got: `END ${String(saidTotal)}` })
  }
  return ok(total)
}

/** Reads channels without end: `RATE 1000` first, then a line a sample, seconds and the reading of each channel. */
export async function watchChannels(
  link: LineLink,
  channels: WatchAsked['channels'],
  identity: string,
  { begin, sample }: WatchHearer,
): Promise<Result<undefined, DeviceFault>> {
  const asked = `TRAC:RES? ${channels.map(({ from, to }) => `${String(from)},${String(to)}`).join(';')}`
  let rateHz = 0
  let fault: DeviceFault | undefined
  const heard = await link.listen(asked, (line) => {
    if (rateHz === 0) {
      const match = /^RATE (\d{1,6})$/.exec(line.trim())
      rateHz = Number(match?.[1] ?? 0)
      if (rateHz > 0) {
        begin(rateHz, identity)
        return false
      }
    } else {
      const figures = line.trim().split(',').map(Number)
      const [s = NaN, ...ohms] = figures
      if (ohms.length === channels.length && figures.every((figure) => figure >= 0)) {
        // IEEE 488.2 says 9.9E37 for what is beyond every range: open
        sample(
          s,
          ohms.map((ohm) => (ohm > instruments.analyser.max ? undefined : ohm)),
        )
        return false
      }
    }
    fault = { kind: 'rubbish', asked: asked.slice(0, 80), got: line.slice(0, 80) }
    return true
  })
  if (fault) {
    link.close()
    return fail(fault)
  }
  return heard
}
