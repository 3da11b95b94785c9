import { parseColour } from '../../base/wire/colour'
import type { Wire } from './plan'

/** What people call the wire that green with yellow is kept for. */
const EARTH = /\b(pe|protective|earth|earthing|ground|grounding|bonding)\b/i

/** Green with yellow, whichever of them is the stripe. */
function isProtective(text: string): boolean {
  const colour = parseColour(text)
  const both = [colour?.base, colour?.stripe]
  return both.includes('GN') && both.includes('YE')
}

/** Is a wire with another duty in the colours of protective earth (IEC 60445)? Of a wire without a signal nobody can say. */
export const wearsProtectiveColours = ({ colour, signal }: Pick<Wire, 'colour' | 'signal'>): boolean =>
  signal !== undefined && signal.trim() !== '' && isProtective(colour) && !EARTH.test(signal)
