/** Metal area of a strand bundle, mm². */
export const strandAreaMm2 = (strands: number, strandMm: number): number => (strands * Math.PI * strandMm ** 2) / 4

/** Share of a bunched bundle's circle that is metal. */
const BUNCH_FILL = 0.75

/**
 * Diameter of a bundle in strands. Concentric lays (1, 7, 19, 37) have whole ones; 2 to 6 and 8 to 18 equal strands lie as the
 * densest known packing of so many circles in a circle (Graham, Lubachevsky et al. 1998; proven up to 13). More are bunched.
 */
const diametersInStrands: Readonly<Record<number, number>> = {
  1: 1,
  2: 2,
  3: 1 + 2 / Math.sqrt(3),
  4: 1 + Math.SQRT2,
  5: 1 + Math.sqrt(2 * (1 + 1 / Math.sqrt(5))),
  6: 3,
  7: 3,
  8: 1 + 1 / Math.sin(Math.PI / 7),
  9: 1 + Math.sqrt(2 * (2 + Math.SQRT2)),
  10: 3.813025631,
  11: 1 + 1 / Math.sin(Math.PI / 9),
  12: 4.02960193,
  13: 2 + Math.sqrt(5),
  14: 4.328428554,
  15: 4.521356977,
  16: 4.615425594,
  17: 4.792033754,
  18: 1 + Math.SQRT2 + Math.sqrt(6),
  19: 5,
  37: 7,
}

/** Outer diameter of the bare strand bundle, mm. */
export function bundleDiameterMm(strands: number, strandMm: number): number {
  const inStrands = diametersInStrands[strands]
  return inStrands === undefined ? strandMm * Math.sqrt(strands / BUNCH_FILL) : strandMm * inStrands
}

/** Outer diameter of a bunched bundle of which only the metal area is known, mm. */
export const bunchDiameterMm = (areaMm2: number): number => Math.sqrt((4 * areaMm2) / (Math.PI * BUNCH_FILL))

/** Metal area of a bunched bundle of which only the outer diameter is known, mm². */
export const bunchAreaMm2 = (diameterMm: number): number => (BUNCH_FILL * Math.PI * diameterMm ** 2) / 4
