import { specimen } from '@/core/craft/specimen/specimen'
import type { CrimpSeen } from '@/core/craft/specimen/specimenTypes'
import { pieceSchema, type PieceToLay } from '../pieceSchema'

/** The piece that lies in a stand-in: made as the bench says. */
export interface MountedPiece extends PieceToLay {
  readonly seen: CrimpSeen
}

/** Holds the piece of one stand-in, and the command that lays another one in: `SIM:PIEC` with the piece as JSON. Like pieces differ. */
export function pieceHolder(normal: () => number) {
  let piece: MountedPiece | undefined
  return {
    piece: () => piece,
    command: (said: string) => {
      const read = pieceSchema.safeParse(json(said))
      if (!read.success) return { error: [-224, 'Illegal parameter value'] as const }
      piece = { ...read.data, seen: specimen(read.data.made, normal()) }
      return undefined
    },
  }
}

function json(said: string): unknown {
  try {
    return JSON.parse(said)
  } catch {
    return undefined
  }
}
