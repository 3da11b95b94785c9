/** How well a process keeps between its limits; `cp` needs both, `cpk` one. */
export interface Capability {
  readonly cp?: number
  readonly cpk?: number
}

/**
 * Capability from the standard deviation within.
 * @param centre      the process's mean
 * @param sigmaWithin standard deviation within, above 0
 * @param limits      as wide as the sheet has them; one may be missing
 */
export function capability(
  centre: number,
  sigmaWithin: number,
  limits: { readonly lower?: number; readonly upper?: number },
): Capability {
  const { lower, upper } = limits
  if (sigmaWithin <= 0 || (lower === undefined && upper === undefined)) return {}
  const sides = [
    ...(upper === undefined ? [] : [(upper - centre) / (3 * sigmaWithin)]),
    ...(lower === undefined ? [] : [(centre - lower) / (3 * sigmaWithin)]),
  ]
  return {
    ...(lower !== undefined && upper !== undefined && { cp: (upper - lower) / (6 * sigmaWithin) }),
    cpk: Math.min(...sides),
  }
}

/** The point of a normal distribution that 95 % lie below. */
const Z_95 = 1.645

/**
 * What a Cpk is at least, with 95 % confidence (Bissell's approximation), so that few readings are not taken for many.
 * @param count   readings behind it, at least 2
 * @param degrees of freedom of the standard deviation: an estimate from ranges has fewer than one from all readings
 */
export const cpkAtLeast = (cpk: number, count: number, degrees: number): number =>
  cpk - Z_95 * Math.sqrt(1 / (9 * count) + cpk ** 2 / (2 * degrees))
