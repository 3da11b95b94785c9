import { descend } from './descend'

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

/** The rim is drawn in with this force, then with less and less: what overlaps under it gives way. */
const PULLS = [0.1, 0.01, 1e-3, 1e-5, 1e-7]
const STEPS = 60
const FLAT = 1e-11

/** Tries of a bundle: what they cost grows with the square of the wires. */
const triesFor = (count: number) => (count <= 3 ? 2 : Math.min(50, Math.max(6, Math.round(180_000 / count ** 2))))

/**
 * The smallest round bundle found for these wires: circles packed into a circle.
 *
 * Circles that overlap each other or the rim push one another apart while the rim is drawn in, with less and less force. It
 * begins from rings, a honeycomb and chance, then shakes the best one found, or puts some of its wires elsewhere.
 *
 * @param diametersMm outer diameters, mm, each above 0
 */
export function packBundle(diametersMm: readonly number[]): Bundle {
  if (diametersMm.length === 0) return { diameterMm: 0, circles: [] }
  const radiiMm = diametersMm.map((diameter) => diameter / 2)
  // worked out in units of the mean radius: the forces are the same for thin wires and thick ones
  const unitMm = radiiMm.reduce((sum, r) => sum + r, 0) / radiiMm.length
  const radii = Float64Array.from(radiiMm, (r) => r / unitMm)
  const random = seeded(radii.length)
  let best: { readonly at: Float64Array; readonly rim: number } | undefined
  const take = (at: Float64Array) => {
    const rim = settle(at, radii)
    if (!best || rim < best.rim) best = { at, rim }
  }
  for (const start of starts(radii, random)) take(start)
  for (let tries = triesFor(radii.length); tries > 0 && best; tries--) take(shaken(best.at, radii, random))
  const at = best?.at ?? new Float64Array()
  const circles = radiiMm.map((rMm, i) => ({
    xMm: (at[2 * i] ?? 0) * unitMm,
    yMm: (at[2 * i + 1] ?? 0) * unitMm,
    rMm,
  }))
  return { diameterMm: 2 * Math.max(...circles.map(({ xMm, yMm, rMm }) => Math.hypot(xMm, yMm) + rMm)), circles }
}

/** Lets circles find their places; gives the rim that then holds all of them without an overlap. The places are moved. */
function settle(at: Float64Array, radii: Float64Array): number {
  const count = radii.length
  const state = new Float64Array(2 * count + 1)
  state.set(at)
  state[2 * count] = spread(at, radii)
  for (const pull of PULLS) descend((point, gradient) => pressure(point, gradient, radii, pull), state, STEPS, FLAT)
  at.set(state.subarray(0, 2 * count))
  return spread(at, radii)
}

/** Half the squares of all overlaps, and the rim's pull. */
function pressure(point: Float64Array, gradient: Float64Array, radii: Float64Array, pull: number): number {
  const count = radii.length
  const rim = point[2 * count] ?? 0
  gradient.fill(0)
  gradient[2 * count] = pull
  let energy = pull * rim
  for (let i = 0; i < count; i++) {
    const [x, y, r] = [point[2 * i] ?? 0, point[2 * i + 1] ?? 0, radii[i] ?? 0]
    let [gx, gy] = [gradient[2 * i] ?? 0, gradient[2 * i + 1] ?? 0]
    for (let j = i + 1; j < count; j++) {
      const need = r + (radii[j] ?? 0)
      const dx = (point[2 * j] ?? 0) - x
      if (dx >= need || dx <= -need) continue
      const dy = (point[2 * j + 1] ?? 0) - y
      const square = dx * dx + dy * dy
      if (square >= need * need) continue
      const apart = Math.sqrt(square) || 1e-9
      const over = need - apart
      energy += 0.5 * over * over
      const push = over / apart
      gx += push * dx
      gy += push * dy
      gradient[2 * j] = (gradient[2 * j] ?? 0) - push * dx
      gradient[2 * j + 1] = (gradient[2 * j + 1] ?? 0) - push * dy
    }
    const out = Math.sqrt(x * x + y * y)
    const over = out + r - rim
    if (over > 0) {
      energy += 0.5 * over * over
      if (out > 0) {
        gx += (over * x) / out
        gy += (over * y) / out
      }
      gradient[2 * count] = (gradient[2 * count] ?? 0) - over
    }
    gradient[2 * i] = gx
    gradient[2 * i + 1] = gy
  }
  return energy
}

/** Spreads the last small overlaps away; gives the rim that then holds all. The places are moved. */
function spread(at: Float64Array, radii: Float64Array): number {
  let by = 1
  for (let i = 0; i < radii.length; i++)
    for (let j = i + 1; j < radii.length; j++) {
      const apart = Math.hypot((at[2 * j] ?? 0) - (at[2 * i] ?? 0), (at[2 * j + 1] ?? 0) - (at[2 * i + 1] ?? 0))
      const need = (radii[i] ?? 0) + (radii[j] ?? 0)
      // two in one place cannot be spread apart: the next try does better
      by = Math.max(by, apart > 1e-9 ? need / apart : 1e9)
    }
  let rim = 0
  for (let i = 0; i < radii.length; i++) {
    at[2 * i] = (at[2 * i] ?? 0) * by
    at[2 * i + 1] = (at[2 * i + 1] ?? 0) * by
    rim = Math.max(rim, Math.hypot(at[2 * i] ?? 0, at[2 * i + 1] ?? 0) + (radii[i] ?? 0))
  }
  return rim
}

/** Thick wires first, from the middle outward: on rings of six more each, on honeycombs about several middles, by chance. */
function* starts(radii: Float64Array, random: () => number): Generator<Float64Array> {
  const order = [...radii.keys()].sort((a, b) => (radii[b] ?? 0) - (radii[a] ?? 0))
  const laid = (places: readonly (readonly [number, number])[]) => {
    const at = new Float64Array(2 * radii.length)
    order.forEach((i, k) => {
      const [x, y] = places[k] ?? [0, 0]
      at[2 * i] = x + (random() - 0.5) * 0.02
      at[2 * i + 1] = y + (random() - 0.5) * 0.02
    })
    return at
  }
  for (const first of [1, 2, 3, 4, 5]) for (const turn of [0, 0.5]) yield laid(rings(radii.length, first, turn))
  for (const middle of [
    [0, 0],
    [1, 0],
    [1, 1 / Math.sqrt(3)],
    [0.5, 0.4],
  ] as const)
    yield laid(honeycomb(radii.length, middle))
  const across = 2 * Math.sqrt(radii.length)
  for (let i = 0; i < 3; i++)
    yield laid(Array.from(radii, () => [(random() - 0.5) * across, (random() - 0.5) * across] as const))
}

/** Rings about so many in the middle, each with six more than the one inside it, each turned against that by a share of its step. */
function rings(count: number, first: number, turn: number): readonly (readonly [number, number])[] {
  const places: (readonly [number, number])[] = []
  const inner = first === 1 ? 0 : 1 / Math.sin(Math.PI / first)
  for (let ring = 0; places.length < count; ring++) {
    const on = ring === 0 ? first : first + 6 * ring - (first === 1 ? 1 : 0)
    const out = inner + 1.9 * ring
    for (let k = 0; k < on; k++) {
      const angle = (2 * Math.PI * (k + turn * ring)) / on
      places.push([out * Math.cos(angle), out * Math.sin(angle)])
    }
  }
  return places
}

/** The places of a honeycomb that are nearest to a middle. */
function honeycomb(count: number, [mx, my]: readonly [number, number]): readonly (readonly [number, number])[] {
  const reach = Math.ceil(Math.sqrt(count)) + 2
  const places: (readonly [number, number])[] = []
  for (let row = -reach; row <= reach; row++)
    for (let k = -reach; k <= reach; k++) places.push([2 * k + (row & 1) - mx, row * Math.sqrt(3) - my])
  return places.sort(([ax, ay], [bx, by]) => ax * ax + ay * ay - bx * bx - by * by)
}

/** The best one so far, with all of its wires moved a little, or some of them somewhere else. */
function shaken(best: Float64Array, radii: Float64Array, random: () => number): Float64Array {
  const at = best.slice()
  const count = radii.length
  const rim = 2 * Math.sqrt(count)
  if (random() < 0.5) {
    const far = 0.2 + 0.6 * random()
    for (let i = 0; i < at.length; i++) at[i] = (at[i] ?? 0) + (random() - 0.5) * 2 * far
    return at
  }
  for (let moved = 1 + Math.floor(random() * 3); moved > 0; moved--) {
    const [i, j] = [Math.floor(random() * count), Math.floor(random() * count)]
    if (random() < 0.5) {
      // two change places: of mixed wires the thick ones lie best where thin ones lie
      for (const axis of [0, 1]) {
        const kept = at[2 * i + axis] ?? 0
        at[2 * i + axis] = at[2 * j + axis] ?? 0
        at[2 * j + axis] = kept
      }
    } else {
      at[2 * i] = (random() - 0.5) * rim
      at[2 * i + 1] = (random() - 0.5) * rim
    }
  }
  return at
}
