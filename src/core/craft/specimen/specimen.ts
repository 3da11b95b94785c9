import { SOUND_COMPACTION } from '../crimp/heightTarget'
import { strandAreaMm2 } from '../../base/wire/bundle'
import { specimenBody, type SpecimenBody } from './specimenBody'
import type { BreakKind, CrimpMade, CrimpSeen } from './specimenTypes'

/** Tensile strength of annealed copper strands, N/mm² (about 220 to 250 by IEC 60228's material). */
const STRAND_N_PER_MM2 = 230
/** Share of the strands' strength that a sound crimp holds. */
const SOUND_GRIP = 0.9
/** What a crimp that is not closed still holds, and one that cuts its strands. */
const LOOSE = { compaction: 1, grip: 0.3 } as const
const TIGHT = { compaction: 0.65, grip: 0.5 } as const

/**
 * Share of the strands' strength that a crimp holds, by its compaction: level in the sound window, falling to either side.
 */
export function gripOf(compaction: number): number {
  const { min, max } = SOUND_COMPACTION
  if (compaction > max) return between(compaction, max, LOOSE.compaction, SOUND_GRIP, LOOSE.grip)
  if (compaction < min) return between(compaction, min, TIGHT.compaction, SOUND_GRIP, TIGHT.grip)
  return SOUND_GRIP
}

/** On the straight line through two points, and level past the second. */
function between(x: number, x1: number, x2: number, y1: number, y2: number): number {
  const t = Math.min(1, Math.max(0, (x - x1) / (x2 - x1)))
  return y1 + t * (y2 - y1)
}

/** Voids of round strands before anything is formed, what stays between them in a sound section, and in one pressed solid. */
const VOIDS = { loose: 0.21, sound: 0.02, solid: 0.005 } as const

/** Share of the formed section that is no metal: it closes as the section is made smaller, and a sound one has hardly any. */
export function voidShareOf(compaction: number): number {
  const { max } = SOUND_COMPACTION
  return compaction > max
    ? between(compaction, max, LOOSE.compaction, VOIDS.sound, VOIDS.loose)
    : between(compaction, max, TIGHT.compaction, VOIDS.sound, VOIDS.solid)
}

/** The length along which conductor is gripped, and what lies before it to where the insulation should end (a cup). */
export function grippedMm(body: SpecimenBody): { readonly lengthMm: number; readonly beforeMm: number } {
  switch (body.kind) {
    case 'closed':
      return { lengthMm: body.depthMm, beforeMm: body.cupDepthMm }
    case 'open':
      return { lengthMm: body.conductorBarrelMm, beforeMm: 0 }
    case 'sleeve':
      return { lengthMm: body.depthMm, beforeMm: 0 }
  }
}

/**
 * What a crimp that was made so looks like, and what it holds.
 * @param scatter one draw of a standard normal: pull forces differ by 4 % between like pieces
 */
export function specimen(made: CrimpMade, scatter = 0): CrimpSeen {
  const { lengthMm, beforeMm } = grippedMm(specimenBody(made.contact))
  const brushMm = -made.endShortMm
  const gapMm = made.stripMm - (lengthMm + beforeMm - made.endShortMm)
  const conductorInMm = Math.min(lengthMm, Math.max(0, lengthMm - made.endShortMm)) - Math.max(0, -gapMm)
  // a tool off its axis forms so much less of the barrel; wings that stayed open hold so much less of what they cover
  const formed = Math.max(0, 1 - Math.abs(made.toolOffMm ?? 0) / lengthMm) * (made.wingClosure ?? 1)
  const held = Math.min(1, Math.max(0, conductorInMm / lengthMm)) * formed
  const strands = Math.max(0, made.strands - made.strandsLost)
  const metalMm2 = strandAreaMm2(strands, made.strandMm)
  const grip = gripOf(made.compaction)
  const pullN = STRAND_N_PER_MM2 * metalMm2 * grip * held * (1 + PULL_SCATTER * scatter)
  return {
    brushMm,
    gapMm,
    held,
    voidShare: voidShareOf(made.compaction),
    pullN: Math.max(0, pullN),
    breaks: breakOf(made, held),
  }
}

const PULL_SCATTER = 0.04
/** Held along less than this, or looser than that, the wire slips before anything breaks. */
const SLIPS = { held: 0.6, compaction: 0.93 } as const

function breakOf({ compaction, strandsLost }: CrimpMade, held: number): BreakKind {
  if (held < SLIPS.held || compaction > SLIPS.compaction) return 'pulled-out'
  return compaction < SOUND_COMPACTION.min || strandsLost > 0 ? 'broke-at-crimp' : 'broke-in-wire'
}
