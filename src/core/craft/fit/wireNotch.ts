import type { Catalogue } from '../../parts/catalogue/catalogue'
import { bunchDiameterMm, bundleDiameterMm } from '../../base/wire/bundle'
import { stripperNotch } from '../strip/stripperNotch'
import type { FitWire } from './fitTypes'

export interface WireNotch {
  readonly bundleMm: number
  readonly notchMm?: number
  /** what is printed beside it on the stripper */
  readonly notchMark?: string | undefined
}

/** The stripper's notch for a wire: the same for every contact that it may get. */
export function notchFor(catalogue: Catalogue, wire: FitWire): WireNotch {
  const bundleMm =
    wire.strands && wire.strandMm
      ? bundleDiameterMm(wire.strands, wire.strandMm)
      : bunchDiameterMm(wire.metalAreaMm2 ?? wire.areaMm2)
  const notch = stripperNotch(bundleMm, wire.insulationMm, catalogue.notchesMm)
  return notch.kind === 'notch'
    ? { bundleMm, notchMm: notch.notchMm, notchMark: catalogue.notchMarks.get(notch.notchMm) }
    : { bundleMm }
}
