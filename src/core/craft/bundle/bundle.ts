export interface PackedCircle {
  readonly xMm: number
  readonly yMm: number
  readonly rMm: number
}

export interface Bundle {
  readonly diameterMm: number
  /** in the order given */
  readonly circles: readonly PackedCircle[]
}

/** A small generator of our own, so that the same wires give the same bundle everywhere (mulberry32). */
function seeded(seed: number): () => number {
  let a = seed >>> 0
  return () => {
    a = (a + 0x6d2b79f5) >>> 0
    let t = a
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** Overlap that counts as none, mm. */
const TOUCHING_MM = 1e-7

/**
 * The smallest round bundle found for these wires: circles packed into a circle.
 *
 * From several starts, circles that overlap each other or the rim push one another apart while the rim closes in by
 * halving steps; the tightest rim without overlap is kept and then repaired to be exact.
 *
 * @param diametersMm outer diameters, mm, each above 0
 */
export function packBundle(diametersMm: readonly number[]): Bundle {
  const radii = diametersMm.map((diameter) => diameter / 2)
  if (radii.length === 0) return { diameterMm: 0, circles: [] }
  const starts = radii.length <= 3 ? 4 : radii.length <= 40 ? 12 : 4
  let best: Bundle | undefined
  for (let start = 0; start < starts; start++) {
    const bundle = tighten(radii, seeded(start + 1))
    if (!best || bundle.diameterMm < best.diameterMm) best = bundle
  }
  return best ?? { diameterMm: 0, circles: [] }
}

function tighten(radii: readonly number[], random: () => number): Bundle {
  const areaRadius = Math.sqrt(radii.reduce((sum, r) => sum + r * r, 0))
  const largest = Math.max(...radii)
  let low = Math.max(areaRadius, largest)
  let high = areaRadius * 1.6 + largest
  let xs = radii.map(() => (random() - 0.5) * areaRadius)
  let ys = radii.map(() => (random() - 0.5) * areaRadius)
  let kept = relax(xs, ys, radii, high, 2000)
  while (kept.overlap > TOUCHING_MM && high < areaRadius * 8) {
    high *= 1.15
    kept = relax(kept.xs, kept.ys, radii, high, 2000)
  }
  for (let step = 0; step < 18 && high - low > 1e-4 * high; step++) {
    const rim = (low + high) / 2
    const shrink = rim / high
    xs = kept.xs.map((x) => x * shrink)
    ys = kept.ys.map((y) => y * shrink)
    const tried = relax(xs, ys, radii, rim, 400)
    if (tried.overlap <= high * 1e-4) {
      kept = tried
      high = rim
    } else low = rim
  }
  return exact(kept.xs, kept.ys, radii)
}

/** Pushes overlapping circles apart, and back inside the rim, until nothing overlaps or the passes are used up. */
function relax(
  fromX: readonly number[],
  fromY: readonly number[],
  radii: readonly number[],
  rim: number,
  passes: number,
) {
  const xs = [...fromX]
  const ys = [...fromY]
  const n = radii.length
  let overlap = Infinity
  for (let pass = 0; pass < passes && overlap > TOUCHING_MM; pass++) {
    overlap = 0
    for (let i = 0; i < n; i++) {
      const ri = radii[i] ?? 0
      for (let j = i + 1; j < n; j++) {
        const need = ri + (radii[j] ?? 0)
        let dx = (xs[j] ?? 0) - (xs[i] ?? 0)
        let dy = (ys[j] ?? 0) - (ys[i] ?? 0)
        let apart = Math.hypot(dx, dy)
        if (apart >= need) continue
        if (apart < 1e-12) [dx, dy, apart] = [1e-3 * (i + 1), 1e-3 * (j + 1), 1e-3 * Math.hypot(i + 1, j + 1)]
        overlap = Math.max(overlap, need - apart)
        const push = (need - apart) / apart / 2
        xs[i] = (xs[i] ?? 0) - dx * push
        ys[i] = (ys[i] ?? 0) - dy * push
        xs[j] = (xs[j] ?? 0) + dx * push
        ys[j] = (ys[j] ?? 0) + dy * push
      }
      const out = Math.hypot(xs[i] ?? 0, ys[i] ?? 0)
      const room = rim - ri
      if (out > room) {
        overlap = Math.max(overlap, out - room)
        const back = out === 0 ? 1 : room / out
        xs[i] = (xs[i] ?? 0) * back
        ys[i] = (ys[i] ?? 0) * back
      }
    }
  }
  return { xs, ys, overlap }
}

/** Spreads the last small overlaps away and takes the rim that then holds all: nothing overlaps, everything is inside. */
function exact(xs: readonly number[], ys: readonly number[], radii: readonly number[]): Bundle {
  let spread = 1
  for (let i = 0; i < radii.length; i++) {
    for (let j = i + 1; j < radii.length; j++) {
      const apart = Math.hypot((xs[j] ?? 0) - (xs[i] ?? 0), (ys[j] ?? 0) - (ys[i] ?? 0))
      if (apart > 0) spread = Math.max(spread, ((radii[i] ?? 0) + (radii[j] ?? 0)) / apart)
    }
  }
  const circles = radii.map((rMm, i) => ({ xMm: (xs[i] ?? 0) * spread, yMm: (ys[i] ?? 0) * spread, rMm }))
  return { diameterMm: 2 * Math.max(...circles.map((one) => Math.hypot(one.xMm, one.yMm) + one.rMm)), circles }
}
