import type { Layout } from '../../record/plan/layout'

/** Ties by what they go round: common sizes, length by width, and the largest bundle of each, mm. */
export const tieSizes = [
  { name: '100 × 2.5', bundleMm: 22 },
  { name: '150 × 3.6', bundleMm: 38 },
  { name: '200 × 4.8', bundleMm: 52 },
  { name: '300 × 4.8', bundleMm: 82 },
  { name: '370 × 7.6', bundleMm: 102 },
] as const

/** Bores of sleeves, mm. */
export const sleeveBoresMm = [3, 4, 6, 8, 10, 12, 16, 20, 25, 32, 40, 50, 63] as const

/** A bundle as hands lay it, from how it would pack, mm. */
export const laidMm = (layout: Layout, packedMm: number): number => packedMm * (1 + layout.laidShare)

/** The tie that goes round a bundle; undefined where none of them does. */
export const tieFor = (bundleMm: number): string | undefined => tieSizes.find((size) => bundleMm <= size.bundleMm)?.name

/** The next bore of a sleeve, mm; undefined where none is wide enough. */
export const sleeveFor = (bundleMm: number): number | undefined => sleeveBoresMm.find((bore) => bore >= bundleMm)
