import { toSVG } from 'bwip-js/node'

/** Codes that a scanner of the bench reads: Data Matrix for small flags, Code 128 for tape. */
export type CodeKind = 'datamatrix' | 'code128'

/**
 * A code as SVG, black on white.
 * @param text plain ASCII, at most 60 characters: what the scanner types
 */
export const codeSvg = (text: string, kind: CodeKind): string =>
  toSVG({
    bcid: kind,
    text: text.replace(/[^\x20-\x7e]/g, '?').slice(0, 60),
    scale: 2,
    ...(kind === 'code128' && { height: 8, includetext: false }),
    ...(kind === 'datamatrix' && { padding: 2 }),
  })
