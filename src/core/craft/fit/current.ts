/** What a sheet says of the current that a contact or a wire carries. */
export interface CurrentRating {
  readonly ratedA?: number | undefined
  /** temperature at which the rating holds, °C */
  readonly refC: number
  /** highest temperature, °C; undefined where the sheet gives none */
  readonly maxC?: number | undefined
}

/**
 * Current that a contact or wire carries at an ambient temperature: I × √((Tmax − Tamb)/(Tmax − Tref)), never above its rating,
 * 0 at and beyond its highest temperature. Without a highest temperature the plain rating holds, not derated.
 *
 * @returns undefined where its rating is on no sheet
 */
export function allowedCurrentA({ ratedA, refC, maxC }: CurrentRating, ambientC: number): number | undefined {
  if (ratedA === undefined || maxC === undefined) return ratedA
  if (ambientC >= maxC) return 0
  return ambientC <= refC ? ratedA : ratedA * Math.sqrt((maxC - ambientC) / (maxC - refC))
}

/**
 * Temperature of a loaded conductor, °C: its rise goes with the square of the current, and at its rating it rises from the
 * reference to its highest temperature.
 *
 * @returns undefined where the sheet does not give what it takes
 */
export function loadedC({ ratedA, refC, maxC }: CurrentRating, ambientC: number, loadA: number): number | undefined {
  if (ratedA === undefined || maxC === undefined) return undefined
  return ambientC + (maxC - refC) * (loadA / ratedA) ** 2
}
