/** Above so many wires a packing takes longer than it is worth; the bundle is then said by its area. */
export const PACK_LIMIT = 120
/** Share of a round bundle that many wires fill. */
const MANY_WIRES_FILL = 0.78

/** How thick so many wires are by their area alone, mm; nothing of none. */
export const byAreaMm = (diametersMm: readonly number[]): number =>
  Math.sqrt(diametersMm.reduce((sum, d) => sum + d * d, 0) / MANY_WIRES_FILL)
