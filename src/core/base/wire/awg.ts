/** A gauge as the exponent of its formula: 20 is 20 AWG, 0 is 1/0, −1 is 2/0, −3 is 4/0. */
export type AwgNumber = number

/** Trade gauges, thinnest first: even numbers, 1, and 1/0 to 4/0. */
export const tradeGauges: readonly AwgNumber[] = [
  40, 38, 36, 34, 32, 30, 28, 26, 24, 22, 20, 18, 16, 14, 12, 10, 8, 6, 4, 2, 1, 0, -1, -2, -3,
]

/**
 * Reads a gauge as printed: `20`, `1/0`, `2/0`, `00`, `0000`.
 * @returns the gauge number, or undefined when it is none between 4/0 and 50
 */
export function parseAwg(text: string): AwgNumber | undefined {
  const said = text.trim()
  const aught = /^([1-4])\/0$/.exec(said)
  if (aught) return 1 - Number(aught[1])
  if (/^0{1,4}$/.test(said)) return 1 - said.length
  if (!/^\d{1,2}$/.test(said)) return undefined
  const n = Number(said)
  return n >= 1 && n <= 50 ? n : undefined
}

/** A gauge as people write it: `20`, `1/0`, `4/0`. */
export const formatAwg = (awg: AwgNumber): string => (awg <= 0 ? `${1 - awg}/0` : String(awg))

/** Diameter of the solid wire, mm: 0.127 × 92^((36 − n)/39), ASTM B258. */
export const awgDiameterMm = (awg: AwgNumber): number => 0.127 * 92 ** ((36 - awg) / 39)

/** Area of the solid wire, mm². */
export const awgAreaMm2 = (awg: AwgNumber): number => (Math.PI / 4) * awgDiameterMm(awg) ** 2

/**
 * The trade gauge nearest to an area on a log scale, and how far the area is off it.
 * @param areaMm2 metal area, mm², above 0
 */
export function nearestTradeGauge(areaMm2: number): { readonly awg: AwgNumber; readonly offByPercent: number } {
  const distance = (awg: AwgNumber) => Math.abs(Math.log(areaMm2 / awgAreaMm2(awg)))
  const awg = tradeGauges.reduce((best, next) => (distance(next) < distance(best) ? next : best))
  return { awg, offByPercent: 100 * (areaMm2 / awgAreaMm2(awg) - 1) }
}
