import type { CrimpMade, CrimpSeen } from '@/core/specimen/specimenTypes'

/** The piece that lies in a stand-in: made as the bench says, or a sound one when nobody has said. */
export interface MountedPiece {
  readonly made: CrimpMade
  readonly seen: CrimpSeen
  readonly heightMm: number
}
