import type { WireType } from '../../parts/catalogue/types'
import { allowedCurrentA } from './current'
import { bundleFactor, type HouseRules } from '../../parts/rules/houseRules'
import { strandAreaMm2 } from '../../base/wire/bundle'
import { ohmPerM } from '../../base/wire/resistance'

export interface WireLoad {
  /** what the wire may carry at this temperature in this bundle; undefined when its rating is not on the sheet */
  readonly allowedA?: number
  /** share of its rating that the bundle leaves it */
  readonly bundleFactor: number
  readonly loadA?: number
  readonly overloaded: boolean
  /** drop over the wire and its return, V; only with a load */
  readonly dropV?: number
  readonly dropPercent?: number
  readonly dropTooLarge: boolean
}

/**
 * Is the load good for the wire itself, after ambient and bundle, and how much voltage is lost on the way?
 *
 * The drop counts the return path: a wire of the same kind back.
 * @param on ambient °C, loaded wires in the bundle (1 when alone), supply V where it is known
 */
export function wireLoad(
  type: WireType,
  wire: { readonly lengthMm: number; readonly currentA?: number | undefined },
  on: {
    readonly ambientC: number
    readonly loadedInBundle?: number | undefined
    readonly supplyV?: number | undefined
  },
  rules: HouseRules,
): WireLoad {
  const factor = bundleFactor(rules, on.loadedInBundle ?? 1)
  const allowedA =
    type.ratedA === undefined || type.maxC === undefined
      ? undefined
      : allowedCurrentA(type.ratedA, type.maxC, type.refC, on.ambientC) * factor
  const loadA = wire.currentA
  if (loadA === undefined)
    return { ...(allowedA !== undefined && { allowedA }), bundleFactor: factor, overloaded: false, dropTooLarge: false }
  const ohm =
    ohmPerM(strandAreaMm2(type.strands, type.strandMm), { stranded: type.strands > 1, temperatureC: on.ambientC }) *
    (wire.lengthMm / 1000) *
    2
  const dropV = ohm * loadA
  const dropPercent = on.supplyV === undefined ? undefined : (100 * dropV) / on.supplyV
  return {
    ...(allowedA !== undefined && { allowedA }),
    bundleFactor: factor,
    loadA,
    overloaded: allowedA !== undefined && loadA > allowedA,
    dropV,
    ...(dropPercent !== undefined && { dropPercent }),
    dropTooLarge: dropPercent !== undefined && dropPercent > rules.dropLimitPercent,
  }
}
