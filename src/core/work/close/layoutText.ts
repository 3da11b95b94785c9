import { fail, ok, type Result } from '../../base/result'
import { parseQuantity } from '../../base/units/parseQuantity'
import type { Layout } from '../../record/plan/layout'

/** A line that cannot be read, counted from 1. */
export interface LineFault {
  readonly kind: 'columns' | 'length' | 'tolerance' | 'range'
  readonly line: number
  readonly said: string
}

const KINDS = ['grommet', 'clamp', 'other'] as const
type KeepOutKind = (typeof KINDS)[number]
const isKind = (text: string): text is KeepOutKind => KINDS.some((kind) => kind === text)

/** One stretch a line: `A; A; P; 775 ±10`. */
export const stretchLines = ({ segments }: Layout): string =>
  segments
    .map(
      ({ id, from, to, lengthMm, toleranceMm }) =>
        `${id}; ${from}; ${to}; ${String(lengthMm)}${toleranceMm === undefined ? '' : ` ±${String(toleranceMm)}`}`,
    )
    .join('\n')

/** One place without ties a line: `C; 450 to 520; grommet`. */
export const keepOutLines = ({ keepOuts }: Layout): string =>
  keepOuts
    .map(({ segment, fromMm, toMm, what }) => `${segment}; ${String(fromMm)} to ${String(toMm)}; ${what}`)
    .join('\n')

const linesOf = (text: string) =>
  text.split('\n').flatMap((raw, i) => {
    const said = raw.trim()
    return said === '' ? [] : [{ line: i + 1, said, cells: said.split(/[;\t]/).map((cell) => cell.trim()) }]
  })

const mmOf = (text: string): number | undefined => {
  const read = parseQuantity(text, 'length')
  return read.ok && read.value > 0 ? read.value : undefined
}

/** Reads stretches, a line each: name, from, to, length with its tolerance; by semicolons, or pasted from a spreadsheet. */
export function readStretches(text: string): Result<Layout['segments'], LineFault> {
  const segments: Layout['segments'] = []
  for (const { line, said, cells } of linesOf(text)) {
    const [id = '', from = '', to = '', length = '', more = ''] = cells
    if (id === '' || from === '' || to === '' || length === '') return fail({ kind: 'columns', line, said })
    const [first = '', second = more] = length.split(/±|\+\/-/).map((part) => part.trim())
    const lengthMm = mmOf(first)
    if (lengthMm === undefined) return fail({ kind: 'length', line, said: first })
    const toleranceMm = second === '' ? undefined : mmOf(second.replace(/^±/, ''))
    if (second !== '' && toleranceMm === undefined) return fail({ kind: 'tolerance', line, said: second })
    segments.push({ id, from, to, lengthMm, ...(toleranceMm !== undefined && { toleranceMm }) })
  }
  return ok(segments)
}

/** Reads places without ties, a line each: stretch, from and to along it, what it is. */
export function readKeepOuts(text: string): Result<Layout['keepOuts'], LineFault> {
  const keepOuts: Layout['keepOuts'] = []
  for (const { line, said, cells } of linesOf(text)) {
    const [segment = '', range = '', what = 'other'] = cells
    const [from = '', to = ''] = range.split(/\s*(?:to|–|-)\s*/)
    const [fromMm, toMm] = [from === '0' ? 0 : mmOf(from), mmOf(to)]
    if (segment === '' || fromMm === undefined || toMm === undefined || toMm <= fromMm)
      return fail({ kind: 'range', line, said })
    keepOuts.push({ segment, fromMm, toMm, what: isKind(what) ? what : 'other' })
  }
  return ok(keepOuts)
}
