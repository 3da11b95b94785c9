import { instrumentClientWords as words } from '@/words/screens/device/instrumentClient'
import type { InstrumentId } from '@/core/base/instrument/instruments'
import { readLines } from './readLines'
import type { BreakKind, CrimpMade } from '@/core/craft/specimen/specimenTypes'

/** A piece for a stand-in, as the bench has made it; a real instrument never hears of it. */
export interface LaidIn {
  readonly made: CrimpMade
  readonly heightMm: number
}

export type Read =
  | { readonly ok: true; readonly value: number; readonly identity: string; readonly at: string }
  | { readonly ok: false; readonly message: string }

const post = (path: string, body: object, signal?: AbortSignal) =>
  fetch(`/api/instruments/${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    ...(signal && { signal }),
  })

const unreachable = {
  ok: false,
  message: words.benchDoesNotAnswer,
} as const

/** One reading of an instrument. */
export async function readInstrument(id: InstrumentId, piece: LaidIn | undefined): Promise<Read> {
  try {
    const response = await post(`${id}/read`, piece ? { piece } : {})
    if (!response.ok)
      return {
        ok: false,
        message: ((await response.json()) as { error?: { message?: string } }).error?.message ?? unreachable.message,
      }
    return (await response.json()) as Read
  } catch {
    return unreachable
  }
}

export type Pulled =
  | {
      readonly ok: true
      readonly peakN: number
      readonly breaks: BreakKind | undefined
      readonly points: number
      readonly identity: string
    }
  | { readonly ok: false; readonly message: string }

interface PullLine {
  readonly points?: readonly number[]
  readonly end?: { readonly peakN: number; readonly breaks: string; readonly points: number; readonly identity: string }
  readonly message?: string
}

const breakKinds: readonly string[] = ['pulled-out', 'broke-at-crimp', 'broke-in-wire']
const isBreak = (text: string): text is BreakKind => breakKinds.includes(text)

/**
 * A whole pull.
 * @param hear is told points as they come: seconds, newtons, seconds, newtons …
 */
export async function pullOff(
  piece: LaidIn | undefined,
  hear: (points: readonly number[]) => void,
  signal: AbortSignal,
): Promise<Pulled> {
  try {
    const response = await post('pull-tester/pull', piece ? { piece } : {}, signal)
    let last: PullLine = {}
    await readLines(response, (line) => {
      last = line as PullLine
      if (last.points) hear(last.points)
    })
    if (!last.end)
      return {
        ok: false,
        message: last.message ?? words.curveBrokeOffNothing,
      }
    const { peakN, breaks, points, identity } = last.end
    return { ok: true, peakN, points, identity, breaks: isBreak(breaks) ? breaks : undefined }
  } catch {
    return signal.aborted ? { ok: false, message: words.stoppedNothingWasTaken } : unreachable
  }
}
