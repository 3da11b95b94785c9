/**
 * Current that a contact or wire carries at an ambient temperature: I × √((Tmax − Tamb)/(Tmax − Tref)),
 * never above its rating, 0 at and beyond its highest temperature.
 */
export function allowedCurrentA(ratedA: number, maxC: number, refC: number, ambientC: number): number {
  if (ambientC >= maxC) return 0
  return Math.min(ratedA, ratedA * Math.sqrt((maxC - ambientC) / (maxC - refC)))
}
