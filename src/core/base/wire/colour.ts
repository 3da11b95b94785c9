/** Wire colours in the letters of IEC 60757, with a plain screen tint for the swatch. */
export const wireColours = {
  BK: { name: 'black', tint: '#2b2725' },
  BN: { name: 'brown', tint: '#7d4a2a' },
  RD: { name: 'red', tint: '#b8302f' },
  OG: { name: 'orange', tint: '#d9782d' },
  YE: { name: 'yellow', tint: '#e2c22f' },
  GN: { name: 'green', tint: '#3f7d45' },
  BU: { name: 'blue', tint: '#3f6fa8' },
  VT: { name: 'violet', tint: '#76508c' },
  GY: { name: 'grey', tint: '#8d8a86' },
  WH: { name: 'white', tint: '#fbfaf7' },
  PK: { name: 'pink', tint: '#dd93a4' },
  TQ: { name: 'turquoise', tint: '#4aa3a0' },
} as const

export type ColourCode = keyof typeof wireColours

/** The letters of a colour, by its name in plain words. */
export const colourLetters: Readonly<Record<string, ColourCode>> = Object.fromEntries(
  Object.entries(wireColours).map(([code, { name }]) => [name, code as ColourCode]),
)

export interface WireColour {
  readonly base: ColourCode
  readonly stripe?: ColourCode
}

const isCode = (text: string): text is ColourCode => Object.hasOwn(wireColours, text)

/** The words for a colour. */
const byWord = new Map<string, ColourCode>([
  ...Object.entries(colourLetters),
  ['gray', 'GY'],
  ['purple', 'VT'],
  ['cyan', 'TQ'],
])

/** A single colour, by letters or by its word. */
function codeOf(part: string): ColourCode | undefined {
  const letters = part.toUpperCase()
  return isCode(letters) ? letters : byWord.get(part.toLowerCase())
}

/**
 * Reads a colour: by letters `RD`, `WH/BU` (base/stripe), `GNYE`, or by words: `red`, `white/blue`, `white-blue`, `white blue`.
 * Green and yellow in words are the protective colour, whichever comes first.
 * @returns the colour, or undefined when its letters are not IEC 60757 and its words no colours
 */
export function parseColour(text: string): WireColour | undefined {
  const said = text.trim()
  if (said.toUpperCase() === 'GNYE') return { base: 'GN', stripe: 'YE' }
  // a stripe that is begun and not said is a mistake, not a plain colour
  const parts = said.split(/\s*[/-]\s*|\s+/)
  const [base, stripe, ...rest] = parts.map(codeOf)
  if (rest.length > 0 || base === undefined) return undefined
  if (parts.length === 1) return { base }
  if (stripe === undefined) return undefined
  return /^yellow\b/i.test(said) && stripe === 'GN' ? { base: 'GN', stripe: 'YE' } : { base, stripe }
}

/** The colour as it is written on a list. */
export const formatColour = (colour: WireColour): string =>
  colour.stripe === undefined
    ? colour.base
    : colour.base === 'GN' && colour.stripe === 'YE'
      ? 'GNYE'
      : `${colour.base}/${colour.stripe}`
