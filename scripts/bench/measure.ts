/** Runs work several times and gives the median in ms. */
export function median(times: readonly number[]): number {
  const sorted = [...times].sort((a, b) => a - b)
  return sorted[Math.floor(sorted.length / 2)] ?? NaN
}

export function timed(runs: number, work: () => unknown): number {
  const times: number[] = []
  for (let i = 0; i < runs; i++) {
    const from = performance.now()
    work()
    times.push(performance.now() - from)
  }
  return median(times)
}

/** One line of figures: what, how long, against what. */
export function line(what: string, ms: number, reference?: string, referenceMs?: number): void {
  const figure = (value: number) =>
    value < 0.1 ? `${(value * 1000).toFixed(1)} µs` : `${value.toFixed(value < 10 ? 2 : 0)} ms`
  const beside =
    reference === undefined || referenceMs === undefined
      ? ''
      : `   ${reference} ${figure(referenceMs)}, ratio ${(ms / referenceMs).toFixed(2)}`
  console.log(`${what.padEnd(62)} ${figure(ms).padStart(9)}${beside}`)
}
