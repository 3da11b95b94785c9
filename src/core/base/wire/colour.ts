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

/**
 * Reads a colour: `RD`, `WH/BU` (base/stripe), `GNYE`.
 * @returns the colour, or undefined when its letters are not IEC 60757
 */
export function parseColour(text: string): WireColour | undefined {
  const said = text.trim().toUpperCase()
  if (said === 'GNYE' || said === 'GN/YE') return { base: 'GN', stripe: 'YE' }
  const [base = '', stripe, ...rest] = said.split('/').map((part) => part.trim())
  if (rest.length > 0 || !isCode(base)) return undefined
  if (stripe === undefined) return { base }
  return isCode(stripe) ? { base, stripe } : undefined
}

/** The colour as it is written on a list. */
export const formatColour = (colour: WireColour): string =>
  colour.stripe === undefined
    ? colour.base
    : colour.base === 'GN' && colour.stripe === 'YE'
      ? 'GNYE'
      : `${colour.base}/${colour.stripe}`
