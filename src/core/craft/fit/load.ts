import type { WireType } from '../../parts/catalogue/types'
import { allowedCurrentA, loadedC } from './current'
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
  /** its highest temperature is on no sheet: its plain rating holds, not derated for the ambient */
  readonly notDerated?: true
  /** drop over the wire and its return, with their contacts, V; only with a load */
  readonly dropV?: number
  /** of that, what the contacts drop, V */
  readonly contactsDropV?: number
  /** the conductor as the load warms it, °C; undefined where the sheet does not say, and the drop is that at ambient */
  readonly loadedC?: number
  readonly dropPercent?: number
  readonly dropTooLarge: boolean
}

/**
 * Is the load good for the wire itself, after ambient and bundle, and how much voltage is lost on the way?
 *
 * The drop counts the return path: a wire of the same kind back, with contacts like its own. The conductor is as warm as the
 * load makes it.
 * @param on ambient °C, loaded wires in the bundle (1 when alone), supply V where it is known
 */
export function wireLoad(
  type: WireType,
  wire: {
    readonly lengthMm: number
    readonly currentA?: number | undefined
    /** of the contacts at its two sides together, Ω */
    readonly contactsOhm?: number | undefined
  },
  on: {
    readonly ambientC: number
    readonly loadedInBundle?: number | undefined
    readonly supplyV?: number | undefined
  },
  rules: HouseRules,
): WireLoad {
  const factor = bundleFactor(rules, on.loadedInBundle ?? 1)
  const ratedA = allowedCurrentA(type, on.ambientC)
  const allowedA = ratedA === undefined ? undefined : ratedA * factor
  const notDerated = type.ratedA !== undefined && type.maxC === undefined
  const loadA = wire.currentA
  if (loadA === undefined)
    return {
      ...(allowedA !== undefined && { allowedA }),
      ...(notDerated && { notDerated }),
      bundleFactor: factor,
      overloaded: false,
      dropTooLarge: false,
    }
  const warmC = loadedC(type, on.ambientC, loadA / factor)
  // what is overloaded is no warmer than its insulation stands: the fault is said elsewhere
  const temperatureC = Math.min(warmC ?? on.ambientC, type.maxC ?? Infinity)
  const perM = ohmPerM(strandAreaMm2(type.strands, type.strandMm), { stranded: type.strands > 1, temperatureC })
  const contactsDropV = 2 * (wire.contactsOhm ?? 0) * loadA
  const dropV = 2 * perM * (wire.lengthMm / 1000) * loadA + contactsDropV
  const dropPercent = on.supplyV === undefined ? undefined : (100 * dropV) / on.supplyV
  return {
    ...(allowedA !== undefined && { allowedA }),
    ...(notDerated && { notDerated }),
    bundleFactor: factor,
    loadA,
    overloaded: allowedA !== undefined && loadA > allowedA,
    dropV,
    contactsDropV,
    ...(warmC !== undefined && { loadedC: temperatureC }),
    ...(dropPercent !== undefined && { dropPercent }),
    dropTooLarge: dropPercent !== undefined && dropPercent > rules.dropLimitPercent,
  }
}
