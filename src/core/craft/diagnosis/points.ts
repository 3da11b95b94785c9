import type { DiagnosisInput, MistakeKind, MistakePlace, Point } from './diagnosisTypes'
import type { PlacedEnd } from './placements'

/** The points of all ends, each with its number. */
export interface Points {
  readonly names: readonly Point[]
  readonly numbers: ReadonlyMap<Point, number>
  /** ids of the ends, in their order */
  readonly ids: readonly string[]
  readonly ends: readonly PlacedEnd[]
  /** the end of each point */
  readonly endOf: readonly number[]
}

export function pointsOf({ ends }: Pick<DiagnosisInput, 'ends'>): Points {
  const names: Point[] = []
  const endOf: number[] = []
  const placed = ends.map(({ id, rows }, end) => ({
    end,
    rows: rows.map((row) =>
      row.map((pin) => {
        endOf.push(end)
        return names.push(`${id}.${pin}`) - 1
      }),
    ),
  }))
  return {
    names,
    numbers: new Map(names.map((name, i) => [name, i])),
    ids: ends.map(({ id }) => id),
    ends: placed,
    endOf,
  }
}

export const namesOf = ({ names }: Points, points: readonly number[]): readonly Point[] =>
  points.map((point) => names[point] ?? '')

/** One place for each end that has some of the points. */
export function placesOf(points: Points, kind: MistakeKind, at: readonly number[]): readonly MistakePlace[] {
  return points.ids.flatMap((end, i) => {
    const own = at.filter((point) => points.endOf[point] === i)
    return own.length === 0 ? [] : [{ end, kind, pins: namesOf(points, own), moved: [] }]
  })
}
