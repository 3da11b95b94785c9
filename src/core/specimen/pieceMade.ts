import { constructionOf } from '../catalogue/constructions'
import type { Contact, WireType } from '../catalogue/types'
import type { ChosenSet } from '../job/plan'
import type { CrimpMade } from './specimenTypes'

/** How a piece can be made wrong, for practice and for tests of what finds it. */
export type PieceFault = 'strip-short' | 'not-home' | 'loose' | 'tight' | 'strands-cut'

interface FaultKind {
  readonly id: PieceFault
  readonly change: (sound: CrimpMade) => Partial<CrimpMade>
}

/** Far enough from sound that a pull test must see it. */
export const pieceFaults: Readonly<Record<PieceFault, FaultKind>> = {
  'strip-short': { id: 'strip-short', change: (sound) => ({ stripMm: sound.stripMm * 0.45, endShortMm: Math.max(0, sound.endShortMm) + sound.stripMm * 0.5 }) },
  'not-home': { id: 'not-home', change: (sound) => ({ endShortMm: Math.max(0, sound.endShortMm) + sound.stripMm * 0.5 }) },
  loose: { id: 'loose', change: () => ({ compaction: 0.99 }) },
  tight: { id: 'tight', change: () => ({ compaction: 0.62 }) },
  'strands-cut': { id: 'strands-cut', change: (sound) => ({ strandsLost: Math.ceil(sound.strands * 0.5) }) },
}

/** Middle of the sound window, where a right setting puts it. */
const SOUND = 0.85

/**
 * The piece that a set makes when all goes right, or with one fault.
 * @param stripMm as measured; the middle of the window when left out
 */
export function pieceMade(contact: Contact, type: WireType, set: ChosenSet, how: { readonly stripMm?: number; readonly insulationMm?: number; readonly fault?: PieceFault } = {}): CrimpMade {
  const stripMm = how.stripMm ?? set.strip.nominalMm
  const shape = constructionOf(contact).stripShape(contact, { gap: { minMm: 0, maxMm: 0 }, brush: { minMm: 0, maxMm: 0 } })
  // open wings let the conductor through by its brush; a sleeve by what stands past its end
  const through = shape?.construction === 'open-barrel' ? stripMm - shape.conductorBarrelMm - shape.transitionMm / 2 : shape?.construction === 'sleeve' ? stripMm - shape.barrelMm : 0
  const legs = set.foldBack ? 2 : 1
  const sound: CrimpMade = {
    contact, strands: type.strands * legs, strandMm: type.strandMm, insulationMm: how.insulationMm ?? type.insulationMm, stripMm: stripMm / legs, endShortMm: -Math.max(0, through), strandsLost: 0, compaction: SOUND,
  }
  return how.fault ? { ...sound, ...pieceFaults[how.fault].change(sound) } : sound
}

/**
 * Height of a crimp at its compaction, along the line on which the set's own window stands for sound ones.
 * @returns undefined where the set has no height
 */
export function heightAt(set: ChosenSet, compaction: number): number | undefined {
  if (!set.height) return undefined
  const { minMm, maxMm } = set.height
  // 0.80 to 0.90 is the window; a height stays in proportion beyond it
  return minMm + ((compaction - 0.8) / 0.1) * (maxMm - minMm)
}
