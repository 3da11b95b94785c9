import type { FamilyFacts, Housing } from '../catalogue/types'

/** What can be seen of a connector whose name nobody knows. */
export interface SeenHousing {
  /** cavities in each row from the top, or in each ring from the centre; a plain count of ways is one entry with `rowsKnown` false */
  readonly counts: readonly number[]
  readonly rowsKnown: boolean
  readonly round?: boolean | undefined
  /** between neighbours, middle to middle */
  readonly pitchMm?: number | undefined
  readonly mark?: Housing['mark']['kind'] | undefined
  readonly role?: Housing['role'] | undefined
}

export type HousingClue = 'ways' | 'rows' | 'shape' | 'pitch' | 'mark' | 'role'

export interface HousingMatch {
  readonly housing: Housing
  readonly family: FamilyFacts
  readonly agrees: readonly HousingClue[]
  readonly contradicts: readonly HousingClue[]
  /** its own smallest pitch, mm */
  readonly pitchMm: number | undefined
}

/** A pitch that is measured over the counter is right within so much of it. */
const PITCH_TOLERANCE = 0.06

/**
 * Housings that it can be, best first. The ways must agree, since they can be counted; what else contradicts puts a housing back,
 * since marks are worn and rows are seen from the wrong side.
 */
export function identifyHousing(
  housings: Iterable<Housing>,
  families: ReadonlyMap<string, FamilyFacts>,
  is: SeenHousing,
): readonly HousingMatch[] {
  const ways = is.counts.reduce((sum, count) => sum + count, 0)
  const matches: HousingMatch[] = []
  for (const housing of housings) {
    const family = families.get(housing.family)
    if (!family || housing.cavities.length !== ways) continue
    const pitchMm = smallestPitchMm(housing)
    const agrees: HousingClue[] = ['ways']
    const contradicts: HousingClue[] = []
    const clue = (id: HousingClue, known: boolean, same: boolean) => known && (same ? agrees : contradicts).push(id)
    clue('rows', is.rowsKnown, sameRows(rowsOf(housing), is.counts))
    clue('shape', is.round !== undefined, (housing.outline.shape === 'circle') === is.round)
    clue(
      'pitch',
      is.pitchMm !== undefined && pitchMm !== undefined,
      Math.abs((is.pitchMm ?? 0) - (pitchMm ?? 0)) <= (pitchMm ?? 0) * PITCH_TOLERANCE,
    )
    clue('mark', is.mark !== undefined, housing.mark.kind === is.mark)
    clue('role', is.role !== undefined, housing.role === is.role)
    matches.push({ housing, family, agrees, contradicts, pitchMm })
  }
  const score = ({ agrees, contradicts }: HousingMatch) => agrees.length - 2 * contradicts.length
  return matches.sort((a, b) => score(b) - score(a) || (a.housing.id < b.housing.id ? -1 : 1))
}

const rowsOf = (housing: Housing): readonly number[] => {
  const counts = new Map<number, number>()
  for (const cavity of housing.cavities) counts.set(cavity.row, (counts.get(cavity.row) ?? 0) + 1)
  return [...counts].sort(([a], [b]) => a - b).map(([, count]) => count)
}

/** From the other face, or upside down, the rows read the other way round. */
const sameRows = (own: readonly number[], given: readonly number[]) =>
  own.join() === given.join() || [...own].reverse().join() === given.join()

/** The distance of the closest two cavities. */
function smallestPitchMm({ cavities }: Housing): number | undefined {
  let least = Infinity
  for (const [i, one] of cavities.entries())
    for (const other of cavities.slice(i + 1))
      least = Math.min(least, Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm))
  return Number.isFinite(least) ? least : undefined
}
