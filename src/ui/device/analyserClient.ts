import { instrumentClientWords as words } from '@/words/screens/device/instrumentClient'
import { readLines } from './readLines'

export interface JointFound {
  readonly red: string
  readonly black: string
  readonly ohm: number
}

/** A line of a run over all pairs. */
export interface ScanLine {
  readonly total?: number
  readonly points?: number
  readonly at?: number
  readonly joined?: JointFound
  /** the link was lost, and the run goes on */
  readonly resumed?: number
  readonly end?: {
    readonly joined: readonly JointFound[]
    readonly pairs: number
    readonly identity: string
    readonly points: readonly string[]
  }
  readonly message?: string
}

/** An interruption of a wire. `peakOhm` is left out where it was open. */
export interface WatchEvent {
  readonly wire: string
  readonly atS: number
  readonly lengthMs: number
  readonly peakOhm?: number
  readonly trace: readonly (number | null)[]
}

/** A line of wires that are watched. */
export interface WatchLine {
  readonly begin?: {
    readonly rateHz: number
    readonly identity: string
    readonly wires: readonly string[]
    readonly limits: readonly (number | null)[]
  }
  readonly s?: number
  /** the highest of a twentieth of a second by wire, null is open */
  readonly ohms?: readonly (number | null)[]
  readonly events?: readonly WatchEvent[]
  /** that have not ended yet */
  readonly ongoing?: readonly WatchEvent[]
  readonly message?: string
}

export type HiddenKind = 'swap' | 'open' | 'short' | 'high-resistance' | 'intermittent'

export interface HiddenShown {
  readonly kind: HiddenKind
  readonly terms?: readonly string[]
  readonly term?: string
}

const post = (act: string, body: object, signal?: AbortSignal) =>
  fetch(`/api/instruments/analyser/${act}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    ...(signal && { signal }),
  })

/** Hears the lines of a stream to its end; undefined when it ended well or was stopped, else why it did not. */
async function hearLines(
  act: string,
  body: object,
  hear: (line: unknown) => void,
  signal: AbortSignal,
): Promise<string | undefined> {
  try {
    let message: string | undefined
    await readLines(await post(act, body, signal), (line) => {
      message ??= (line as { readonly message?: string }).message
      hear(line)
    })
    return signal.aborted ? undefined : message
  } catch {
    return signal.aborted ? undefined : words.benchDoesNotAnswer
  }
}

/** A run of the analyser over all pairs of a unit. */
export const scanHarness = (
  body: { readonly job: string; readonly unit: number; readonly belowOhm: number },
  hear: (line: ScanLine) => void,
  signal: AbortSignal,
): Promise<string | undefined> => hearLines('scan', body, (line) => hear(line as ScanLine), signal)

/** Wires watched until it is stopped. */
export const watchHarness = (
  body: { readonly job: string; readonly unit: number; readonly wires: readonly string[] },
  hear: (line: WatchLine) => void,
  signal: AbortSignal,
): Promise<string | undefined> => hearLines('watch', body, (line) => hear(line as WatchLine), signal)

/** Says what is moved now: a stand-in cannot see it. */
export const sayMoved = (to: string): Promise<unknown> =>
  post('move', { to })
    .then((response) => response.arrayBuffer())
    .catch(() => undefined)

/** Hides faults in the stand-in, or asks how many there are, and which. */
export async function practise(body: {
  readonly job: string
  readonly unit: number
  readonly hide?: readonly HiddenKind[]
  readonly reveal?: true
}): Promise<{ readonly hidden: number; readonly faults?: readonly HiddenShown[] } | undefined> {
  try {
    const response = await post('practice', body)
    return response.ok ? ((await response.json()) as { hidden: number; faults?: HiddenShown[] }) : undefined
  } catch {
    return undefined
  }
}
