/** Share of its box that a closed W section fills; a die can have its own. */
export const DEFAULT_SHAPE_FACTOR = 0.84
/** Compaction of a sound crimp: looser pulls out, tighter cuts strands. */
export const SOUND_COMPACTION = { min: 0.8, max: 0.9 } as const

export interface CrimpSection {
  /** metal of the wire, mm² */
  readonly wireAreaMm2: number
  /** metal of the barrel's wall, mm² */
  readonly barrelAreaMm2: number
  readonly widthMm: number
  readonly shapeFactor?: number | undefined
  readonly compaction?: { readonly min: number; readonly max: number } | undefined
}

export interface HeightTarget {
  readonly minMm: number
  readonly nominalMm: number
  readonly maxMm: number
  /** never a sheet's figure */
  readonly estimate: true
}

/** Crimp height from compaction: height = compaction × (wire + barrel) / (shape factor × width). A sheet's own height wins. */
export function heightTarget(section: CrimpSection): HeightTarget {
  const { min, max } = section.compaction ?? SOUND_COMPACTION
  const full =
    (section.wireAreaMm2 + section.barrelAreaMm2) / ((section.shapeFactor ?? DEFAULT_SHAPE_FACTOR) * section.widthMm)
  return { minMm: min * full, nominalMm: ((min + max) / 2) * full, maxMm: max * full, estimate: true }
}

/** The compaction that a measured height stands for. */
export const compactionOf = (heightMm: number, section: CrimpSection): number =>
  (heightMm * (section.shapeFactor ?? DEFAULT_SHAPE_FACTOR) * section.widthMm) /
  (section.wireAreaMm2 + section.barrelAreaMm2)
