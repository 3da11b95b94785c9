import type { Range } from '../../base/range'
import type { Placard } from './types'

type Row = Placard['rows'][number]

const settingOf = ({ contact, die, positioner, turret, selector, nest, wireStopMm }: Row) =>
  JSON.stringify([contact, die, positioner, turret, selector, nest, wireStopMm])

const apart = (one: Range, other: Range) => one.maxMm < other.minMm || other.maxMm < one.minMm

/**
 * Another height that a card gives for the very same setting: a frame that closes to its stop makes one height, so where
 * nothing is adjusted between two rows, both cannot be right.
 *
 * @returns the height of the other row, where no crimp can be inside both; undefined when the card does not contradict itself
 */
export function contradictingHeight(placard: Pick<Placard, 'rows'>, row: Row): Range | undefined {
  const { height } = row
  if (!height) return undefined
  return placard.rows.find(
    (other) => other !== row && other.height && settingOf(other) === settingOf(row) && apart(height, other.height),
  )?.height
}
