import { type GridColumnId, type GridText, gridColumnIds } from './columns'

/** What a column of somebody's table can mean: a column of the grid, or half of a place. */
export type ImportTarget = GridColumnId | 'fromEnd' | 'fromCavity' | 'toEnd' | 'toCavity'

export const importTargets: readonly ImportTarget[] = [...gridColumnIds, 'fromEnd', 'fromCavity', 'toEnd', 'toCavity']

/** Headings by which a column is known; case, spaces, dashes and units in brackets do not matter. */
const headings: Readonly<Record<ImportTarget, readonly string[]>> = {
  id: ['wire', 'wire id', 'id', 'wire no', 'no', 'wire number', 'number'],
  type: ['type', 'wire type', 'cable type', 'spec', 'gauge', 'awg', 'size', 'mm2', 'cross section'],
  colour: ['colour', 'color', 'wire colour', 'wire color', 'col'],
  from: ['from', 'source', 'from pin', 'from place'],
  to: ['to', 'target', 'destination', 'to pin', 'to place'],
  length: ['length', 'length mm', 'cut length', 'len', 'mm'],
  signal: ['signal', 'net', 'function', 'name', 'signal name', 'net name'],
  current: ['current', 'amps', 'load', 'current a', 'load a', 'a'],
  group: ['group', 'twist', 'screen', 'pair', 'cable', 'flat cable'],
  note: ['note', 'notes', 'remark', 'remarks', 'comment'],
  fromEnd: ['from end', 'from connector', 'end 1', 'connector 1', 'from conn'],
  fromCavity: ['from cavity', 'from position', 'cavity 1', 'pin 1', 'from contact'],
  toEnd: ['to end', 'to connector', 'end 2', 'connector 2', 'to conn'],
  toCavity: ['to cavity', 'to position', 'cavity 2', 'pin 2', 'to contact'],
}

const plain = (heading: string) =>
  heading
    .toLowerCase()
    .replace(/[([].*?[)\]]/g, '')
    .replace(/[_\-.]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

/** For each column of a table, what it is taken to mean; undefined is not read. */
export type Mapping = readonly (ImportTarget | undefined)[]

/** A guess by headings: each meaning once, the first column that has it. */
export function guessMapping(head: readonly string[]): Mapping {
  const taken = new Set<ImportTarget>()
  const guess = head.map((heading) => {
    const said = plain(heading)
    const target = importTargets.find((one) => !taken.has(one) && headings[one].includes(said))
    if (target) taken.add(target)
    return target
  })
  // `from` beside `from cavity` is the end
  return guess.map((target) =>
    target === 'from' && taken.has('fromCavity') && !taken.has('fromEnd')
      ? 'fromEnd'
      : target === 'to' && taken.has('toCavity') && !taken.has('toEnd')
        ? 'toEnd'
        : target,
  )
}

/** Is the first line a heading, and not a wire? */
export const looksLikeHeading = (row: readonly string[]): boolean =>
  guessMapping(row).filter((one) => one !== undefined).length >= Math.min(2, row.length)

/** Rows of somebody's table as cells of the grid. A place from two columns is put together; empty lines are left out. */
export function mapRows(rows: readonly (readonly string[])[], mapping: Mapping): readonly Partial<GridText>[] {
  return rows.flatMap((row) => {
    if (row.every((cell) => cell.trim() === '')) return []
    const cells: Partial<Record<ImportTarget, string>> = {}
    mapping.forEach((target, i) => {
      if (target) cells[target] = (row[i] ?? '').trim()
    })
    const { fromEnd, fromCavity, toEnd, toCavity, ...rest } = cells
    const place = (end: string | undefined, cavity: string | undefined) =>
      end === undefined && cavity === undefined ? undefined : [end, cavity].filter(Boolean).join('.') || 'open'
    const from = place(fromEnd, fromCavity)
    const to = place(toEnd, toCavity)
    return [{ ...rest, ...(from !== undefined && { from }), ...(to !== undefined && { to }) }]
  })
}

/** One half of a pinout: what a connector's table says of each cavity. */
export interface HalfRow {
  readonly cavity: string
  readonly signal: string
  readonly colour?: string
  readonly type?: string
}

export type HalfTarget = keyof HalfRow

const halfHeadings: Readonly<Record<HalfTarget, readonly string[]>> = {
  cavity: ['cavity', 'pin', 'position', 'pos', 'contact', 'terminal', 'no'],
  signal: ['signal', 'net', 'function', 'name', 'signal name', 'description'],
  colour: ['colour', 'color', 'wire colour'],
  type: ['type', 'wire type', 'gauge', 'awg', 'size'],
}

export const halfTargets = Object.keys(halfHeadings) as readonly HalfTarget[]

export function guessHalf(head: readonly string[]): readonly (HalfTarget | undefined)[] {
  const taken = new Set<HalfTarget>()
  return head.map((heading) => {
    const target = halfTargets.find((one) => !taken.has(one) && halfHeadings[one].includes(plain(heading)))
    if (target) taken.add(target)
    return target
  })
}

/** The rows of a half table, by its headings; without headings the first column is the cavity, the second the signal. */
export function readHalf(table: readonly (readonly string[])[]): readonly HalfRow[] {
  const [head = [], ...rest] = table
  const guessed = guessHalf(head)
  const named = guessed.includes('cavity') && guessed.includes('signal')
  const mapping: readonly (HalfTarget | undefined)[] = named ? guessed : ['cavity', 'signal', 'colour', 'type']
  return (named ? rest : table).flatMap((row) => {
    const cells: Partial<Record<HalfTarget, string>> = {}
    mapping.forEach((target, i) => {
      const said = (row[i] ?? '').trim()
      if (target && said !== '') cells[target] = said
    })
    const { cavity, signal, ...more } = cells
    return cavity !== undefined && signal !== undefined ? [{ cavity, signal, ...more }] : []
  })
}

export interface JoinedHalves {
  readonly rows: readonly Partial<GridText>[]
  /** signals that stand at one end only, or more often at one than at the other */
  readonly left: readonly { readonly end: string; readonly cavity: string; readonly signal: string }[]
}

/** Two tables of one half each, joined by signal: the first cavity with a signal meets the first of the other end, and so on. */
export function joinHalves(
  a: { readonly end: string; readonly rows: readonly HalfRow[] },
  b: { readonly end: string; readonly rows: readonly HalfRow[] },
): JoinedHalves {
  const key = (signal: string) => signal.toLowerCase().replace(/\s+/g, ' ').trim()
  const waiting = new Map<string, HalfRow[]>()
  for (const row of b.rows) waiting.set(key(row.signal), [...(waiting.get(key(row.signal)) ?? []), row])
  const rows: Partial<GridText>[] = []
  const left: JoinedHalves['left'][number][] = []
  for (const row of a.rows) {
    const other = waiting.get(key(row.signal))?.shift()
    if (!other) {
      left.push({ end: a.end, cavity: row.cavity, signal: row.signal })
      continue
    }
    const colour = row.colour ?? other.colour
    const type = row.type ?? other.type
    rows.push({
      from: `${a.end}.${row.cavity}`,
      to: `${b.end}.${other.cavity}`,
      signal: row.signal,
      ...(colour !== undefined && { colour }),
      ...(type !== undefined && { type }),
    })
  }
  for (const rest of waiting.values())
    for (const row of rest) left.push({ end: b.end, cavity: row.cavity, signal: row.signal })
  return { rows, left }
}
