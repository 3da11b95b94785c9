import type { Movement } from '../../craft/wiggle/movements'

export interface NetState {
  readonly probe?: {
    readonly result: 'pass' | 'fail'
    readonly found?: string
    /** the side that the red probe touched, where it was not the first */
    readonly red?: 'b'
    /** points that it rings to instead, or besides */
    readonly rings?: readonly string[]
    readonly at: string
    readonly by: string
  }
  readonly measured?: {
    readonly ohm: number
    readonly leadsOhm: number
    readonly resolutionOhm: number
    /** its leads are in no reading */
    readonly fourWire?: true
    /** of the measurement, where it was asked */
    readonly temperatureC?: number
    readonly at: string
  }
}

/** Two nets that must not ring. */
export interface ApartState {
  readonly result: 'pass' | 'fail'
  /** the wires at both points */
  readonly wires: readonly string[]
  readonly ohm?: number
  readonly at: string
  readonly by: string
}

/** A circuit through two halves that are put together. */
export interface ThroughState {
  readonly result: 'pass' | 'fail'
  readonly wires: readonly string[]
  readonly ends: readonly string[]
  readonly ohm?: number
  readonly at: string
  readonly by: string
}

export interface AnalysedState {
  readonly points: number
  /** what read less was taken for joined */
  readonly belowOhm: number
  /** no two nets were joined */
  readonly apart: boolean
  readonly readBy: string
  readonly at: string
  readonly by: string
}

/** An interruption that was seen while the harness was moved. */
export interface MovedEvent {
  readonly wire: string
  readonly during: Movement
  /** near which contact, where that was found */
  readonly term?: string
  /** left out where nobody measured it */
  readonly lengthMs?: number
  /** left out where it was open, or nobody measured it */
  readonly peakOhm?: number
}

export interface MovedState {
  readonly seconds: number
  /** left out where a meter was watched by eye or ear */
  readonly rateHz?: number
  readonly wires: number
  /** every wire of the plan was watched */
  readonly all: boolean
  readonly events: readonly MovedEvent[]
  readonly readBy?: string
  readonly at: string
  readonly by: string
}

/** A contact that was pulled, and whether it held. */
export interface Held {
  readonly held: boolean
  /** what a gauge showed */
  readonly forceN?: number
  readonly askedN?: number
  readonly at: string
  readonly by: string
}

export interface LeadsState {
  readonly ohm: number
  readonly resolutionOhm: number
  readonly fourWire?: true
  readonly temperatureC?: number
  readonly at: string
}
