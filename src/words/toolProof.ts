import type { ProofId, ProofLine } from '@/core/parts/catalogue/toolClasses'

/** The lines of a routine that proves a tool. */
export const proofLineWords: Readonly<Record<ProofLine, string>> = {
  released: 'Closed once on nothing: it opens fully',
  go: 'Go end passes between the closed points',
  'no-go': 'No-go end stops',
  clean: 'Clean, no chips, nothing loose',
  'piece-crimped': 'A reference piece is crimped',
  'piece-measured': 'Height or pull is what its card says',
  'block-read': 'On its block it reads what the block says',
}

export const proofWords: Readonly<Record<ProofId, string>> = {
  'go-no-go': 'go and no-go',
  'reference-piece': 'reference piece',
  block: 'block',
}
