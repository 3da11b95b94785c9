import type { Cavity, Housing } from '../catalogue/types'

/**
 * The order in which cavities are filled: so that fingers and tools still reach. Rows: the far row (top, seen from the
 * wire face) before the near ones, each from the mark's side. Rings: the centre before the rim.
 */
export function seatOrder(housing: Housing): readonly Cavity[] {
  const fromRight = housing.mark.at.xMm > 0
  return [...housing.cavities].sort((a, b) => a.row - b.row || (housing.arrangement.kind === 'rows' && fromRight ? b.index - a.index : a.index - b.index))
}
