/** A unit that people say, and what it makes of a figure: `value = (figure + offset) × factor`. */
export interface Unit {
  readonly factor: number
  readonly offset?: number
}

interface DimensionDef {
  /** the unit of every value of this dimension; a figure without a unit is in it */
  readonly base: string
  /** by what people write, in small letters */
  readonly units: Readonly<Record<string, number>>
  /** names that take a prefix, whose case counts: `MΩ` is not `mΩ` */
  readonly prefixed?: readonly string[]
  /** by what people write, in small letters: scales that do not begin at the same nought */
  readonly scales?: Readonly<Record<string, Unit>>
}

export const LBF_IN_N = 4.4482216152605
const KGF_IN_N = 9.80665
export const INCH_MM = 25.4
export const FOOT_MM = 304.8
const F_TO_C = 5 / 9

const inches = Object.fromEntries(['in', 'in.', 'inch', 'inches', '"', "''", '′′', '″'].map((name) => [name, INCH_MM]))
const feet = Object.fromEntries(['ft', 'ft.', 'foot', 'feet', "'", '′'].map((name) => [name, FOOT_MM]))
const metres = Object.fromEntries(['m', 'metre', 'metres', 'meter', 'meters'].map((name) => [name, 1000]))
const pounds = Object.fromEntries(['lbf', 'lb', 'lbs', 'pound', 'pounds'].map((name) => [name, LBF_IN_N]))
const celsius = Object.fromEntries(['°c', 'c', 'deg c', 'degc', '° c'].map((name) => [name, { factor: 1 }]))
const fahrenheit = Object.fromEntries(
  ['°f', 'f', 'deg f', 'degf', '° f'].map((name) => [name, { factor: F_TO_C, offset: -32 }]),
)

/** What a number field is asked for. */
export const dimensions = {
  length: {
    base: 'mm',
    units: {
      mm: 1,
      cm: 10,
      µm: 0.001,
      μm: 0.001,
      um: 0.001,
      ...metres,
      ...inches,
      ...feet,
      thou: 0.0254,
      mil: 0.0254,
      mils: 0.0254,
    },
  },
  force: {
    base: 'N',
    units: { ...pounds, kgf: KGF_IN_N, kg: KGF_IN_N },
    prefixed: ['n', 'newton', 'newtons'],
  },
  resistance: { base: 'Ω', units: {}, prefixed: ['ω', 'ohm', 'ohms'] },
  current: { base: 'A', units: {}, prefixed: ['a', 'amp', 'amps', 'ampere', 'amperes'] },
  area: { base: 'mm²', units: { mm2: 1, 'mm^2': 1, sqmm: 1, 'sq mm': 1, cm2: 100 } },
  temperature: { base: '°C', units: {}, scales: { ...celsius, ...fahrenheit, k: { factor: 1, offset: -273.15 } } },
} as const satisfies Record<string, DimensionDef>

export type Dimension = keyof typeof dimensions

const prefixes: Readonly<Record<string, number>> = { m: 1e-3, M: 1e6, k: 1e3, K: 1e3, u: 1e-6, µ: 1e-6, μ: 1e-6 }

/** A unit by what was written; undefined when it is none of this dimension. */
export function unitOf(dimension: Dimension, said: string): Unit | undefined {
  if (said === '') return { factor: 1 }
  const { units, prefixed = [], scales = {} }: DimensionDef = dimensions[dimension]
  const small = said.toLowerCase()
  if (Object.hasOwn(units, small)) return { factor: units[small] ?? NaN }
  if (Object.hasOwn(scales, small)) return scales[small]
  if (prefixed.includes(small)) return { factor: 1 }
  const [prefix = ''] = said
  const name = small.slice(prefix.length).trim()
  const factor = Object.hasOwn(prefixes, prefix) ? prefixes[prefix] : undefined
  return factor !== undefined && prefixed.includes(name) ? { factor } : undefined
}

/** Units that a sentence may name. */
export function knownUnits(dimension: Dimension): readonly string[] {
  const { base, units, scales = {} }: DimensionDef = dimensions[dimension]
  return [...new Set([base, ...Object.keys(units), ...Object.keys(scales)])]
}
