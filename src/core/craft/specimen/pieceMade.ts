import type { Contact, WireType } from '../../parts/catalogue/types'
import { specimenBody } from './specimenBody'
import type { CrimpMade } from './specimenTypes'
import type { ChosenSet } from '../setup/chosenSet'

/** How a piece can be made wrong, for practice and for tests of what finds it. */
export type PieceFault = 'strip-short' | 'not-home' | 'loose' | 'tight' | 'strands-cut'

interface FaultKind {
  readonly id: PieceFault
  readonly change: (sound: CrimpMade) => Partial<CrimpMade>
}

/** Far enough from sound that a pull test must see it. */
export const pieceFaults: Readonly<Record<PieceFault, FaultKind>> = {
  'strip-short': {
    id: 'strip-short',
    change: (sound) => ({
      stripMm: sound.stripMm * 0.45,
      endShortMm: Math.max(0, sound.endShortMm) + sound.stripMm * 0.5,
    }),
  },
  'not-home': {
    id: 'not-home',
    change: (sound) => ({ endShortMm: Math.max(0, sound.endShortMm) + sound.stripMm * 0.5 }),
  },
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
export function pieceMade(
  contact: Contact,
  type: WireType,
  set: ChosenSet,
  how: { readonly stripMm?: number; readonly insulationMm?: number; readonly fault?: PieceFault } = {},
): CrimpMade {
  // folded back, half of what was stripped lies in the barrel, twice over
  const legs = set.foldBack ? 2 : 1
  const stripMm = (how.stripMm ?? set.strip.nominalMm) / legs
  const sound: CrimpMade = {
    contact,
    strands: type.strands * legs,
    strandMm: type.strandMm,
    insulationMm: how.insulationMm ?? type.insulationMm,
    stripMm,
    endShortMm: -throughMm(contact, stripMm),
    strandsLost: 0,
    compaction: SOUND,
  }
  return how.fault ? { ...sound, ...pieceFaults[how.fault].change(sound) } : sound
}

/**
 * How far the conductor comes through when the insulation lies where it should: midway between open wings, at a sleeve's mouth.
 * Below nought it does not reach. In a closed barrel it stands on the bottom.
 */
function throughMm(contact: Contact, stripMm: number): number {
  const body = specimenBody(contact)
  if (body.kind === 'closed') return 0
  const past = stripMm - (body.kind === 'open' ? body.conductorBarrelMm + body.transitionMm / 2 : body.depthMm)
  // without a barrel on its sheet the strip came from somewhere else, and proportions must not make it short
  return contact.barrel ? past : Math.max(0, past)
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
