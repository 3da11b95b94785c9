import { endKey } from '../../record/plan/keys'
import { derivedOf } from '../../record/state/derivedOf'
import type { BundleState, TorqueToolState } from '../../record/state/closeRecords'
import { units } from '../../record/state/wireBlocks'
import { type BoardSegment, boardPlan } from './boardPlan'

/** A tie or a label of a stretch, and whether it is on. */
export interface BundleLine {
  readonly what: 'tie' | 'label'
  readonly atMm: number
  readonly found?: BundleState['parts'][number]
}

/** One stretch of one unit: ties and labels one after the other from its beginning, then its length. */
export interface SegmentTask {
  readonly kind: 'segment'
  /** `seg 1/A` */
  readonly key: string
  readonly unit: number
  readonly board: BoardSegment
  readonly lines: readonly BundleLine[]
  readonly length?: BundleState['length']
  /** undefined where no tolerance is asked for, or nobody has measured */
  readonly lengthGood?: boolean
  readonly done: boolean
}

/** A torque tool that was used and is not at rest. */
export interface RestTask {
  readonly kind: 'rest'
  readonly key: string
  readonly tool: string
  readonly now: TorqueToolState
  readonly done: boolean
}

export type CloseTask = SegmentTask | RestTask

/** Positions are written down to a tenth of a millimetre. */
export const placeMm = (atMm: number): number => Math.round(atMm * 10) / 10

/** What is made and put right at Close before the tray is counted. */
export const closeTasks = derivedOf((state): readonly CloseTask[] => {
  const board = boardPlan(state)
  const segments = units(state).flatMap((unit) =>
    board.map((one): SegmentTask => {
      const { segment } = one
      const made = state.bundle.get(endKey(unit, segment.id))
      const partAt = (what: BundleLine['what'], atMm: number): BundleLine => {
        const found = made?.parts.find((part) => part.what === what && part.atMm === placeMm(atMm))
        return { what, atMm: placeMm(atMm), ...(found && { found }) }
      }
      const lines = [
        ...one.tiesMm.map((atMm) => partAt('tie', atMm)),
        ...one.labelsMm.map((atMm) => partAt('label', atMm)),
      ].sort((a, b) => a.atMm - b.atMm)
      const { toleranceMm } = segment
      const length = made?.length
      const lengthGood =
        toleranceMm === undefined || !length
          ? undefined
          : Math.abs(length.lengthMm - segment.lengthMm) <= toleranceMm + 1e-9
      return {
        kind: 'segment',
        key: `seg ${endKey(unit, segment.id)}`,
        unit,
        board: one,
        lines,
        ...(length && { length }),
        ...(lengthGood !== undefined && { lengthGood }),
        done: lines.every(({ found }) => found) && (toleranceMm === undefined || lengthGood === true),
      }
    }),
  )
  const rests = [...state.torqueTools].map(([tool, now]): RestTask => ({
    kind: 'rest',
    key: `rest ${tool}`,
    tool,
    now,
    done: now.rested !== undefined,
  }))
  return [...segments, ...rests]
})

export const closeLeft = derivedOf((state): number => closeTasks(state).filter(({ done }) => !done).length)
