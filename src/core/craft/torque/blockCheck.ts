/** A hand tool's setting is held to its block within so much (ISO 6789: 6 % up to 10 N·m). */
export const BLOCK_SHARE = 0.06

/** Does the block show what the tool is set to? */
export const isHeldToBlock = (set: number, block: number): boolean => Math.abs(block - set) <= set * BLOCK_SHARE + 1e-9
