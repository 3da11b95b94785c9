/** Unpacks a WOFF 1.0 font into the TrueType font it was made from. */
export function woffToTtf(woff: Buffer): Buffer
