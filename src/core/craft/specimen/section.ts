/** A strand in the drawn section of a crimp, mm from its middle. */
export interface PackedStrand {
  readonly xMm: number
  readonly yMm: number
  readonly rMm: number
}

/** The section through the conductor barrel, to scale. */
export interface CrimpedSection {
  readonly widthMm: number
  readonly heightMm: number
  /** the space inside the barrel's wall, in which the strands lie */
  readonly inner: { readonly widthMm: number; readonly heightMm: number }
  readonly strands: readonly PackedStrand[]
  readonly voidShare: number
}

export interface SectionInput {
  readonly strands: number
  readonly wireAreaMm2: number
  readonly barrelAreaMm2: number
  readonly widthMm: number
  readonly heightMm: number
  readonly voidShare: number
}

/**
 * The section as it would be cut and polished: strands in rows of a hexagonal packing, each swollen or shrunk so that all of
 * them leave the void share open. Round strands stand for pressed ones: the model draws how full it is, not each facet.
 */
export function crimpedSection({
  strands,
  wireAreaMm2,
  barrelAreaMm2,
  widthMm,
  heightMm,
  voidShare,
}: SectionInput): CrimpedSection {
  // wall all round a box of the same share of metal: (w − 2t)(h − 2t) is the strands' share
  const share = Math.sqrt(wireAreaMm2 / (wireAreaMm2 + barrelAreaMm2))
  const inner = { widthMm: widthMm * share, heightMm: heightMm * share }
  const spots = hexSpots(strands, inner.widthMm, inner.heightMm)
  const area = inner.widthMm * inner.heightMm * (1 - voidShare)
  const rMm = strands === 0 ? 0 : Math.sqrt(area / strands / Math.PI)
  return { widthMm, heightMm, inner, voidShare, strands: spots.map(([xMm, yMm]) => ({ xMm, yMm, rMm })) }
}

/** That many places in a box, in rows that are set off by half a pitch, the rows centred. */
function hexSpots(count: number, widthMm: number, heightMm: number): readonly (readonly [number, number])[] {
  if (count <= 0) return []
  const pitch = Math.sqrt((widthMm * heightMm) / count / (Math.sqrt(3) / 2))
  const rows = Math.max(1, Math.min(count, Math.round(heightMm / (pitch * (Math.sqrt(3) / 2)))))
  return Array.from({ length: rows }, (_, row) => {
    const inRow = Math.floor(count / rows) + (row < count % rows ? 1 : 0)
    const y = heightMm * ((row + 0.5) / rows - 0.5)
    const step = widthMm / (inRow + 0.5)
    const shift = row % 2 === 0 ? 0 : step / 2
    return Array.from({ length: inRow }, (_one, i) => [-widthMm / 2 + step * (i + 0.5) + shift, y] as const)
  }).flat()
}
