import type { HousingLock } from './secondaryLocks'

/** From which side a lock comes, as it is drawn: the mating face is at the left, the wires at the right. */
export type LockSide = 'front' | 'side' | 'rear'

/** How a lock goes in and out, seen from the side. */
export interface LockMotion {
  readonly from: LockSide
  readonly turns: boolean
  /** shares of the way in at which it stands while contacts go in, and at its stop; 0 is out, 1 is home */
  readonly whileInserting: number
  readonly stop: number | undefined
  /** what the sheet says of stop and home, mm */
  readonly stopMm: number | undefined
  readonly homeMm: number | undefined
}

const sides: Readonly<Record<HousingLock['access'], LockSide>> = {
  'side-slot': 'side',
  'face-slot': 'front',
  'under-edge': 'side',
  rear: 'rear',
  front: 'front',
  none: 'side',
}
/** Where a stop is drawn whose place nobody has measured. */
const HALF = 0.5

/** The way of a lock for a drawing: to scale where its sheet gives stop and home, in proportion else. */
export function lockMotion(lock: HousingLock): LockMotion {
  const { said, states } = lock
  const { partWayMm, homeMm } = said ?? {}
  const stop = !states.includes('part-way')
    ? undefined
    : partWayMm !== undefined && homeMm !== undefined
      ? Math.min(0.95, partWayMm / homeMm)
      : HALF
  return {
    from: sides[lock.access],
    turns: said?.madeAs === 'hinged' || (said?.madeAs === undefined && lock.id === 'cap'),
    whileInserting: said?.whileInserting === 'at-stop' ? (stop ?? 0) : 0,
    stop,
    stopMm: partWayMm,
    homeMm,
  }
}
