/** Annealed copper at 20 °C, Ω·mm²/m (IEC 60028). */
const COPPER_OHM_MM2_PER_M = 0.017241
/** Strands run longer than the wire by their lay. */
const LAY_FACTOR = 1.02
/** Change of copper's resistance per kelvin, referred to 20 °C. */
const COPPER_PER_K = 0.00393

/** Resistance of a copper wire, Ω/m, at its temperature in °C. */
export function ohmPerM(
  areaMm2: number,
  options: { readonly stranded: boolean; readonly temperatureC: number },
): number {
  const lay = options.stranded ? LAY_FACTOR : 1
  return (COPPER_OHM_MM2_PER_M / areaMm2) * lay * (1 + COPPER_PER_K * (options.temperatureC - 20))
}
