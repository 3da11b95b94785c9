/** Metal area of a strand bundle, mm². */
export const strandAreaMm2 = (strands: number, strandMm: number): number => (strands * Math.PI * strandMm ** 2) / 4

/** Share of a bunched bundle's circle that is metal. */
const BUNCH_FILL = 0.75

/** Concentric lays have a diameter in whole strands; any other count is bunched. */
const concentricDiameters: Readonly<Record<number, number>> = { 1: 1, 7: 3, 19: 5, 37: 7 }

/** Outer diameter of the bare strand bundle, mm. */
export function bundleDiameterMm(strands: number, strandMm: number): number {
  const inStrands = concentricDiameters[strands]
  return inStrands === undefined ? strandMm * Math.sqrt(strands / BUNCH_FILL) : strandMm * inStrands
}

/** Outer diameter of a bunched bundle of which only the metal area is known, mm. */
export const bunchDiameterMm = (areaMm2: number): number => Math.sqrt((4 * areaMm2) / (Math.PI * BUNCH_FILL))

/** Metal area of a bunched bundle of which only the outer diameter is known, mm². */
export const bunchAreaMm2 = (diameterMm: number): number => (BUNCH_FILL * Math.PI * diameterMm ** 2) / 4
