import { isHeldToBlock } from '../../craft/torque/blockCheck'
import { type Knot, knotAt } from '../../craft/ties/lacing'
import type { Securing } from '../../parts/catalogue/securings'
import { housingOf } from '../../record/plan/facts'
import { endKey } from '../../record/plan/keys'
import { derivedOf } from '../../record/state/derivedOf'
import type { BundleState, Secured, TorqueToolState } from '../../record/state/closeRecords'
import { units } from '../../record/state/wireBlocks'
import { type BoardSegment, boardPlan } from './boardPlan'

/** A tie or a label of a stretch, and whether it is on. */
export interface BundleLine {
  readonly what: 'tie' | 'label'
  readonly atMm: number
  /** the end whose label it is */
  readonly end?: string
  /** which knot it is, where the bundle is laced */
  readonly knot?: Knot
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

/** A shell that its sheet asks to be made fast, thing by thing. */
export interface ShellTask {
  readonly kind: 'shell'
  /** `shell 1/C` */
  readonly key: string
  readonly unit: number
  readonly end: string
  readonly lines: readonly { readonly what: Securing; readonly asked: number; readonly found?: Secured }[]
  readonly done: boolean
}

export type CloseTask = SegmentTask | ShellTask | RestTask

/** Positions are written down to a tenth of a millimetre. */
export const placeMm = (atMm: number): number => Math.round(atMm * 10) / 10

/** Shells that the sheets of their housings ask to be made fast. */
const shellTasks = derivedOf((state): readonly ShellTask[] =>
  units(state).flatMap((unit) =>
    state.plan.ends.flatMap(({ id: end }): ShellTask[] => {
      const asks = housingOf(state.facts, state.plan, end)?.secures ?? []
      if (asks.length === 0) return []
      const made = state.ends.get(endKey(unit, end))?.secured ?? []
      const lines = asks.map(({ what, asked }) => {
        const found = made.find((one) => one.what === what && isHeldToBlock(asked, one.set))
        return { what, asked, ...(found && { found }) }
      })
      return [
        { kind: 'shell', key: `shell ${endKey(unit, end)}`, unit, end, lines, done: lines.every(({ found }) => found) },
      ]
    }),
  ),
)

/** What is made and put right at Close before the tray is counted. */
export const closeTasks = derivedOf((state): readonly CloseTask[] => {
  const board = boardPlan(state)
  const segments = units(state).flatMap((unit) =>
    board.map((one): SegmentTask => {
      const { segment } = one
      const made = state.bundle.get(endKey(unit, segment.id))
      const partAt = (
        what: BundleLine['what'],
        atMm: number,
        more: Pick<BundleLine, 'end' | 'knot'> = {},
      ): BundleLine => {
        const found = made?.parts.find((part) => part.what === what && part.atMm === placeMm(atMm))
        return { what, atMm: placeMm(atMm), ...more, ...(found && { found }) }
      }
      const lines = [
        ...one.tiesMm.map((atMm, place) =>
          partAt('tie', atMm, one.held === 'lacing' ? { knot: knotAt(place, one.tiesMm.length) } : {}),
        ),
        ...one.labels.map(({ end, atMm }) => partAt('label', atMm, { end })),
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
  return [...segments, ...shellTasks(state), ...rests]
})

export const closeLeft = derivedOf((state): number => closeTasks(state).filter(({ done }) => !done).length)
