import { awgAreaMm2, formatAwg, nearestTradeGauge, type AwgNumber } from './awg'
import { bunchAreaMm2, bunchDiameterMm, bundleDiameterMm, strandAreaMm2 } from './bundle'
import { ohmPerM } from './resistance'

/** A wire as somebody can know it: by its print, or by callipers. */
export type WireMeasure =
  | { readonly awg: AwgNumber }
  | { readonly areaMm2: number }
  | { readonly bareDiameterMm: number }
  | { readonly strands: number; readonly strandMm: number }

export interface WireSize {
  readonly areaMm2: number
  /** of a solid wire of the same metal */
  readonly solidDiameterMm: number
  /** of the bare strands, when stranded */
  readonly bundleDiameterMm?: number
  readonly nearestAwg: string
  readonly offByPercent: number
  readonly ohmPerM: number
  readonly ohm?: number
}

/**
 * Everything that follows from one way of knowing a wire.
 * @param measure how the wire is known; all figures above 0
 * @param options stranded: false for a solid wire; lengthM adds `ohm`; temperatureC of the copper
 */
export function wireSize(
  measure: WireMeasure,
  options: { readonly stranded: boolean; readonly lengthM?: number | undefined; readonly temperatureC: number },
): WireSize {
  const areaMm2 = metalAreaMm2(measure, options.stranded)
  const nearest = nearestTradeGauge(areaMm2)
  const perM = ohmPerM(areaMm2, options)
  return {
    areaMm2,
    solidDiameterMm: Math.sqrt((4 * areaMm2) / Math.PI),
    ...(options.stranded && { bundleDiameterMm: bareBundleMm(measure, areaMm2) }),
    nearestAwg: formatAwg(nearest.awg),
    offByPercent: nearest.offByPercent,
    ohmPerM: perM,
    ...(options.lengthM !== undefined && { ohm: perM * options.lengthM }),
  }
}

function metalAreaMm2(measure: WireMeasure, stranded: boolean): number {
  if ('awg' in measure) return awgAreaMm2(measure.awg)
  if ('areaMm2' in measure) return measure.areaMm2
  if ('strands' in measure) return strandAreaMm2(measure.strands, measure.strandMm)
  return stranded ? bunchAreaMm2(measure.bareDiameterMm) : (Math.PI / 4) * measure.bareDiameterMm ** 2
}

function bareBundleMm(measure: WireMeasure, areaMm2: number): number {
  if ('strands' in measure) return bundleDiameterMm(measure.strands, measure.strandMm)
  if ('bareDiameterMm' in measure) return measure.bareDiameterMm
  return bunchDiameterMm(areaMm2)
}
