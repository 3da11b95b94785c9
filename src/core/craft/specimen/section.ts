/** A strand in the drawn section of a crimp, pressed by its neighbours: a rectangle with round corners, mm from the middle. */
export interface PressedStrand {
  readonly xMm: number
  readonly yMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly cornerMm: number
}

/** The section through the conductor barrel, to scale. */
export interface CrimpedSection {
  readonly widthMm: number
  readonly heightMm: number
  /** the space inside the barrel's wall, in which the strands lie */
  readonly inner: { readonly widthMm: number; readonly heightMm: number }
  readonly strands: readonly PressedStrand[]
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
 * The section as it would be cut and polished, as a model: each strand has a place of its own, in courses like bricks, and
 * leaves so much of it open as there are voids. None overlaps another, and none leaves the barrel.
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
  return { widthMm, heightMm, inner, voidShare, strands: courses(strands, inner, voidShare) }
}

/** Places of the same area, in courses; a course with more strands is higher by as much. */
function courses(count: number, box: CrimpedSection['inner'], voidShare: number): readonly PressedStrand[] {
  if (count <= 0) return []
  const rows = Math.max(1, Math.min(count, Math.round(Math.sqrt((count * box.heightMm) / box.widthMm))))
  let top = box.heightMm / 2
  return Array.from({ length: rows }, (_, row) => {
    const inRow = Math.floor(count / rows) + (row < count % rows ? 1 : 0)
    const [width, height] = [box.widthMm / inRow, (box.heightMm * inRow) / count]
    const y = top - height / 2
    top -= height
    return Array.from({ length: inRow }, (_one, i) => ({
      xMm: -box.widthMm / 2 + width * (i + 0.5),
      yMm: y,
      ...pressed(width, height, voidShare),
    }))
  }).flat()
}

/** What four round corners of a square leave out, by their radius squared. */
const CORNERS = 4 - Math.PI

/** The shape that leaves so much of its place open: first its corners are round, then it is smaller. */
function pressed(width: number, height: number, voidShare: number): Omit<PressedStrand, 'xMm' | 'yMm'> {
  const area = width * height
  const roundest = Math.min(width, height) / 2
  if (CORNERS * roundest ** 2 >= voidShare * area)
    return { widthMm: width, heightMm: height, cornerMm: Math.sqrt((voidShare * area) / CORNERS) }
  const scale = Math.sqrt(((1 - voidShare) * area) / (area - CORNERS * roundest ** 2))
  return { widthMm: width * scale, heightMm: height * scale, cornerMm: roundest * scale }
}
