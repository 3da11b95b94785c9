/** Works out the value at `at`, and writes its gradient. */
export type Slope = (at: Float64Array, gradient: Float64Array) => number

const MEMORY = 7
const SHORTEST_STEP = 1e-12
/** A step is good when it brings so much of what the slope promises (Armijo). */
const GOOD_SHARE = 1e-4

// a bundle asks these millions of times: each writes where it is told to and makes nothing new

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0
  for (let i = 0; i < a.length; i++) sum += (a[i] ?? 0) * (b[i] ?? 0)
  return sum
}

const negate = (from: Float64Array, to: Float64Array): void => {
  for (let i = 0; i < from.length; i++) to[i] = -(from[i] ?? 0)
}

const subtract = (a: Float64Array, b: Float64Array, to: Float64Array): void => {
  for (let i = 0; i < a.length; i++) to[i] = (a[i] ?? 0) - (b[i] ?? 0)
}

interface Remembered {
  readonly step: Float64Array
  readonly change: Float64Array
  curve: number
  share: number
}

/**
 * Down the slope, corrected by the last steps: the two-loop recursion of limited-memory BFGS (Nocedal 1980).
 * @param way where it is written to
 */
function direction(gradient: Float64Array, past: readonly Remembered[], way: Float64Array): void {
  negate(gradient, way)
  for (let k = past.length - 1; k >= 0; k--) {
    const one = past[k]
    if (!one) continue
    const { step, change } = one
    const share = one.curve * dot(step, way)
    one.share = share
    for (let i = 0; i < way.length; i++) way[i] = (way[i] ?? 0) - share * (change[i] ?? 0)
  }
  const last = past.at(-1)
  if (last) {
    const scale = 1 / (last.curve * dot(last.change, last.change))
    for (let i = 0; i < way.length; i++) way[i] = (way[i] ?? 0) * scale
  }
  for (const one of past) {
    const { step, change } = one
    const share = one.share - one.curve * dot(change, way)
    for (let i = 0; i < way.length; i++) way[i] = (way[i] ?? 0) + share * (step[i] ?? 0)
  }
}

/** Goes down from a point until the slope is flat or the steps are used up. The point is moved. */
export function descend(slope: Slope, at: Float64Array, steps: number, flat: number): void {
  const makeRoom = () => new Float64Array(at.length)
  const past: Remembered[] = []
  // steps that are forgotten are written over
  const spare: Remembered[] = []
  const [way, next] = [makeRoom(), makeRoom()]
  let [gradient, nextGradient] = [makeRoom(), makeRoom()]
  let value = slope(at, gradient)
  for (let step = 0; step < steps; step++) {
    const steepness = dot(gradient, gradient)
    if (steepness < flat * flat) return
    direction(gradient, past, way)
    let promise = dot(way, gradient)
    if (promise >= 0) {
      spare.push(...past.splice(0))
      negate(gradient, way)
      promise = -steepness
    }
    let length = past.length === 0 ? Math.min(1, 0.1 / Math.sqrt(steepness)) : 1
    let nextValue = Infinity
    for (; length > SHORTEST_STEP; length /= 2) {
      for (let i = 0; i < at.length; i++) next[i] = (at[i] ?? 0) + length * (way[i] ?? 0)
      nextValue = slope(next, nextGradient)
      if (nextValue <= value + GOOD_SHARE * length * promise) break
    }
    if (length <= SHORTEST_STEP) return
    const one = spare.pop() ?? { step: makeRoom(), change: makeRoom(), curve: 0, share: 0 }
    subtract(next, at, one.step)
    subtract(nextGradient, gradient, one.change)
    const curve = dot(one.step, one.change)
    one.curve = 1 / curve
    if (curve > 1e-14) past.push(one)
    else spare.push(one)
    const forgotten = past.length > MEMORY ? past.shift() : undefined
    if (forgotten) spare.push(forgotten)
    at.set(next)
    ;[gradient, nextGradient] = [nextGradient, gradient]
    value = nextValue
  }
}
