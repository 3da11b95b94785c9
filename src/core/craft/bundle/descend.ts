/** Works out the value at `at`, and writes its gradient. */
export type Slope = (at: Float64Array, gradient: Float64Array) => number

const MEMORY = 7
const SHORTEST_STEP = 1e-12
/** A step is good when it brings so much of what the slope promises (Armijo). */
const GOOD_SHARE = 1e-4

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0
  for (let i = 0; i < a.length; i++) sum += (a[i] ?? 0) * (b[i] ?? 0)
  return sum
}

interface Remembered {
  readonly step: Float64Array
  readonly change: Float64Array
  readonly curve: number
}

/** Down the slope, corrected by the last steps: the two-loop recursion of limited-memory BFGS (Nocedal 1980). */
function direction(gradient: Float64Array, past: readonly Remembered[]): Float64Array {
  const way = gradient.map((value) => -value)
  const shares: number[] = []
  for (let k = past.length - 1; k >= 0; k--) {
    const one = past[k]
    if (!one) continue
    const share = one.curve * dot(one.step, way)
    shares[k] = share
    for (let i = 0; i < way.length; i++) way[i] = (way[i] ?? 0) - share * (one.change[i] ?? 0)
  }
  const last = past.at(-1)
  if (last) {
    const scale = 1 / (last.curve * dot(last.change, last.change))
    for (let i = 0; i < way.length; i++) way[i] = (way[i] ?? 0) * scale
  }
  past.forEach((one, k) => {
    const share = (shares[k] ?? 0) - one.curve * dot(one.change, way)
    for (let i = 0; i < way.length; i++) way[i] = (way[i] ?? 0) + share * (one.step[i] ?? 0)
  })
  return way
}

/** Goes down from a point until the slope is flat or the steps are used up. The point is moved. */
export function descend(slope: Slope, at: Float64Array, steps: number, flat: number): void {
  const past: Remembered[] = []
  let gradient = new Float64Array(at.length)
  let value = slope(at, gradient)
  for (let step = 0; step < steps; step++) {
    const steepness = dot(gradient, gradient)
    if (steepness < flat * flat) return
    let way = direction(gradient, past)
    let promise = dot(way, gradient)
    if (promise >= 0) {
      past.length = 0
      way = gradient.map((one) => -one)
      promise = -steepness
    }
    let length = past.length === 0 ? Math.min(1, 0.1 / Math.sqrt(steepness)) : 1
    const next = new Float64Array(at.length)
    const nextGradient = new Float64Array(at.length)
    let nextValue = Infinity
    for (; length > SHORTEST_STEP; length /= 2) {
      for (let i = 0; i < at.length; i++) next[i] = (at[i] ?? 0) + length * (way[i] ?? 0)
      nextValue = slope(next, nextGradient)
      if (nextValue <= value + GOOD_SHARE * length * promise) break
    }
    if (length <= SHORTEST_STEP) return
    const moved = next.map((one, i) => one - (at[i] ?? 0))
    const change = nextGradient.map((one, i) => one - (gradient[i] ?? 0))
    const curve = dot(moved, change)
    if (curve > 1e-14) {
      past.push({ step: moved, change, curve: 1 / curve })
      if (past.length > MEMORY) past.shift()
    }
    at.set(next)
    gradient = nextGradient
    value = nextValue
  }
}
