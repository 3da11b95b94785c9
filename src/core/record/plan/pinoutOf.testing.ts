import { type Dimension, parseQuantity } from '../../base/units/parseQuantity'
import type { End, Plan, Wire, WireSide } from './plan'

/** `with W1a`: in the contact of another wire. */
const SHARED = /^with (\S+)([ab])$/
const SPLICE = /^splice (\S+)$/

function sideOf(end: string, cavity: string): WireSide {
  const [, wire, side] = SHARED.exec(end) ?? []
  if (wire !== undefined) return { kind: 'with', wire, side: side === 'b' ? 'b' : 'a' }
  const splice = SPLICE.exec(end)?.[1]
  if (splice !== undefined) return { kind: 'splice', splice }
  if (end === '') return { kind: 'open' }
  // a part that goes into no housing stands where an end would
  return cavity === '' ? { kind: 'terminal', part: end } : { kind: 'cavity', end, cavity }
}

function figure(text: string, dimension: Dimension): number {
  const read = parseQuantity(text, dimension)
  if (!read.ok) throw new Error(`${text} is no ${dimension}`)
  return read.value
}

/**
 * A plan from plain rows of text with headings, for tests: commas or semicolons between cells, nothing guessed, nothing checked.
 * @param housings by end; a column `from housing` or `to housing` says it too
 */
export function pinoutOf(text: string, housings: Readonly<Record<string, string>> = {}): Pick<Plan, 'ends' | 'wires'> {
  const [head = '', ...rows] = text.trim().split('\n')
  const mark = head.includes(';') ? ';' : ','
  const titles = head.split(mark)
  const ends = new Map<string, End>()
  const wires = rows.map((row): Wire => {
    const cells = row.split(mark)
    const cell = (title: string) => cells[titles.indexOf(title)] ?? ''
    const [from, to] = (['from', 'to'] as const).map((side) => {
      const at = sideOf(cell(`${side} end`), cell(`${side} cavity`))
      const housing = at.kind === 'cavity' ? cell(`${side} housing`) || housings[at.end] : undefined
      if (at.kind === 'cavity' && housing !== undefined && !ends.has(at.end)) ends.set(at.end, { id: at.end, housing })
      return at
    }) as [WireSide, WireSide]
    const [group, name] = cell('group').split(' ')
    const current = cell('current')
    return {
      id: cell('wire'),
      type: cell('type'),
      colour: cell('colour'),
      from,
      to,
      lengthMm: figure(cell('length'), 'length'),
      ...(cell('signal') && { signal: cell('signal') }),
      ...(current && { currentA: figure(current, 'current') }),
      ...(group && name && { group: { kind: group as 'twist' | 'screen' | 'cable' | 'flat', name } }),
      ...(cell('note') && { note: cell('note') }),
    }
  })
  return { ends: [...ends.values()], wires }
}
