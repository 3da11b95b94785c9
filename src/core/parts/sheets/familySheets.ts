import type { Construction, ContactInput, ContactSize, PlacardRow, Seal } from '../catalogue/types'
import type { CellShape, CellValue, SheetColumn } from './sheet'
import { constructions, sheetConstructions } from '../catalogue/constructions'

/** The sheets of a family: what a maker's data sheet gives in tables, each row one part or one setting. */

const mm: CellShape = { kind: 'figure', dimension: 'length' }
const column = (
  id: string,
  heading: string,
  cell: CellShape,
  required = false,
  aliases: readonly string[] = [],
): SheetColumn => ({ id, heading, cell, required, aliases })
const id = (name: string, heading: string, aliases: readonly string[] = []) =>
  column(name, heading, { kind: 'id' }, true, aliases)

export const sizeSheet: readonly SheetColumn[] = [
  id('id', 'size', ['contact size']),
  column('name', 'name', { kind: 'text', limit: 120 }),
  column('boreMm', 'bore mm', mm, false, ['cavity bore', 'bore']),
  column('matMinMm', 'mat from mm', mm, false, ['mat min']),
  column('matMaxMm', 'mat to mm', mm, false, ['mat max']),
  column('retentionN', 'retention N', { kind: 'figure', dimension: 'force' }, false, ['retention']),
  column('plug', 'plug part', { kind: 'id' }, false, ['cavity plug', 'plug']),
]

export const contactSheet: readonly SheetColumn[] = [
  id('id', 'part', ['part number', 'contact', 'pn', 'part no']),
  column('name', 'name', { kind: 'text', limit: 120 }, false, ['description']),
  column('construction', 'made', { kind: 'choice', of: sheetConstructions }, true, ['construction', 'type']),
  column('size', 'size', { kind: 'id' }, true, ['contact size']),
  column('gender', 'gender', { kind: 'choice', of: ['pin', 'socket'] }, true),
  column('minMm2', 'wire from', { kind: 'figure', dimension: 'area' }, true, ['min mm2', 'conductor min', 'from mm2']),
  column('maxMm2', 'wire to', { kind: 'figure', dimension: 'area' }, true, ['max mm2', 'conductor max', 'to mm2']),
  column('insulationMinMm', 'insul. from', mm, false, ['insulation min', 'insulation from']),
  column('insulationMaxMm', 'insul. to', mm, false, ['insulation max', 'insulation to']),
  column('plating', 'plating', { kind: 'choice', of: ['gold', 'tin', 'nickel', 'silver'] }, true),
  column('ratedA', 'rated A', { kind: 'figure', dimension: 'current' }, false, ['current', 'rating', 'amps']),
  column('maxC', 'to °C', { kind: 'number' }, false, ['max c', 'max temperature', 'temperature']),
  column('matings', 'matings', { kind: 'whole', min: 1, max: 1_000_000 }),
  column('overallMm', 'overall', mm, false, ['overall mm', 'length']),
  column('matingMm', 'mating', mm, false, ['mating mm', 'mating diameter']),
  column('crimpedMm', 'crimped', mm, false, ['crimped mm', 'crimped diameter']),
  column('barrelMm', 'barrel depth', mm, false, ['barrel', 'conductor barrel', 'barrel mm']),
  column('barrelBoreMm', 'barrel bore', mm, false, ['bore']),
  column('barrelOuterMm', 'barrel outer', mm, false, ['outer']),
  column('holeAtMm', 'hole at', mm, false, ['inspection hole']),
  column('transitionMm', 'transition', mm, false, ['window']),
  column('insulationBarrelMm', 'insul. barrel', mm, false, ['insulation barrel']),
  column('reachMm', 'reach', { kind: 'figure', dimension: 'length', zero: true }),
  column('metalAreaMm2', 'barrel mm²', { kind: 'figure', dimension: 'area' }, false, ['metal area']),
  column('crimpWidthMm', 'crimp width', mm),
  column('bin', 'bin', { kind: 'text', limit: 3 }, false, ['bands', 'bin code']),
  column('twoWires', 'two wires', { kind: 'yes-no' }),
  column('reuses', 'reuses', { kind: 'whole', min: 0, max: 50 }),
  column('sheetTool', 'sheet’s tool', { kind: 'id' }, false, ['tool']),
]

export const sealSheet: readonly SheetColumn[] = [
  id('id', 'part', ['part number', 'seal', 'pn']),
  column('name', 'name', { kind: 'text', limit: 120 }, false, ['description']),
  column('minMm', 'insul. from', mm, true, ['insulation min', 'min', 'insulation from']),
  column('maxMm', 'insul. to', mm, true, ['insulation max', 'max', 'insulation to']),
  column('boreMm', 'bore', mm, true, ['cavity bore']),
  column('lengthMm', 'length', mm, true),
]

export const placardSheet: readonly SheetColumn[] = [
  id('tool', 'tool'),
  id('contact', 'contact', ['part', 'part number']),
  column('minMm2', 'wire from', { kind: 'figure', dimension: 'area' }, true, ['min mm2', 'gauge from']),
  column('maxMm2', 'wire to', { kind: 'figure', dimension: 'area' }, true, ['max mm2', 'gauge to', 'gauge']),
  column('die', 'die', { kind: 'id' }),
  column('positioner', 'positioner', { kind: 'id' }),
  column('turret', 'turret', { kind: 'whole', min: 1, max: 12 }),
  column('selector', 'selector', { kind: 'whole', min: 1, max: 40 }),
  column('nest', 'nest', { kind: 'text', limit: 10 }),
  column('wireStopMm', 'wire stop', mm, false, ['stop']),
  column('stripMinMm', 'strip from', mm, false, ['strip min', 'strip']),
  column('stripMaxMm', 'strip to', mm, false, ['strip max']),
  column('heightMinMm', 'height from', mm, false, ['height min', 'crimp height']),
  column('heightMaxMm', 'height to', mm, false, ['height max']),
  column('source', 'row', { kind: 'text', limit: 120 }, false, ['source', 'note']),
]

type Values = Readonly<Record<string, CellValue>>
const num = (values: Values, key: string): number | undefined =>
  typeof values[key] === 'number' ? values[key] : undefined
const str = (values: Values, key: string): string | undefined =>
  typeof values[key] === 'string' ? values[key] : undefined
const opt = <K extends string, V>(key: K, value: V | undefined) =>
  (value === undefined ? {} : { [key]: value }) as Readonly<Partial<Record<K, V>>>
const span = (min: number | undefined, max: number | undefined) =>
  min === undefined && max === undefined ? undefined : { minMm: min ?? max ?? 0, maxMm: max ?? min ?? 0 }

/** Where a part's figures come from: the family's own sheet, its revision, and on what they rest. */
export interface SheetSource {
  readonly document: string
  readonly revision?: string
  readonly basis: 'sheet' | 'measured' | 'estimated'
}

export const toSize = (values: Values): ContactSize => {
  const mat = span(num(values, 'matMinMm'), num(values, 'matMaxMm'))
  return {
    id: str(values, 'id') ?? '',
    name: str(values, 'name') ?? str(values, 'id') ?? '',
    ...opt('boreMm', num(values, 'boreMm')),
    ...opt('matWindow', mat),
    ...opt('retentionN', num(values, 'retentionN')),
    ...opt('plug', str(values, 'plug')),
  }
}

/** A contact from its row. The barrel is there only when the sheet gives all that its construction needs. */
export function toContact(values: Values, source: SheetSource): ContactInput {
  const n = (key: string) => num(values, key) ?? 0
  const base = {
    id: str(values, 'id') ?? '',
    name: str(values, 'name') ?? str(values, 'id') ?? '',
    aliases: [],
    size: str(values, 'size') ?? '',
    gender: values.gender === 'pin' ? ('pin' as const) : ('socket' as const),
    conductor: { minMm2: n('minMm2'), maxMm2: n('maxMm2') },
    ...opt('insulation', span(num(values, 'insulationMinMm'), num(values, 'insulationMaxMm'))),
    plating: (str(values, 'plating') ?? 'tin') as 'tin',
    ...opt('ratedA', num(values, 'ratedA')),
    refC: 20,
    ...opt('maxC', num(values, 'maxC')),
    ...opt('matings', num(values, 'matings')),
    ...opt('overallMm', num(values, 'overallMm')),
    ...opt('matingMm', num(values, 'matingMm')),
    ...opt('crimpedMm', num(values, 'crimpedMm')),
    ...opt('bin', str(values, 'bin')),
    twoWires: values.twoWires === true,
    reuses: num(values, 'reuses') ?? 0,
    ...opt('sheetTool', str(values, 'sheetTool')),
    pullMinima: [],
    contactMilliohm: 5,
    source,
  }
  const construction = sheetConstructions.find((one) => one === values.construction) ?? 'open-barrel'
  const { columns, unshown } = barrelSheet(construction)
  const whole = columns.every(([column]) => num(values, column) !== undefined)
  const barrel = { ...unshown, ...Object.fromEntries(columns.map(([column, dimension]) => [dimension, n(column)])) }
  // its schema is that of the construction: the columns are those of its row
  return { ...base, construction, ...(whole && { barrel }) } as unknown as ContactInput
}

/** A contact that a sheet of contacts gives. */
export type SheetContact = Exclude<ContactInput, { construction: 'sleeve' }>
export const isInSheet = (contact: ContactInput): contact is SheetContact =>
  constructions[contact.construction].sheet !== undefined

const noSheet = { columns: [], unshown: {} }
const barrelSheet = (construction: Construction) => constructions[construction].sheet ?? noSheet

/** What no sheet shows of a contact's barrel, as it was before it was edited. */
export function unshownOf({ construction, barrel }: ContactInput): Readonly<Record<string, unknown>> {
  const known = new Map<string, unknown>(Object.entries(barrel ?? {}))
  return Object.fromEntries(Object.keys(barrelSheet(construction).unshown).map((key) => [key, known.get(key)]))
}

export const toSeal = (values: Values, source: SheetSource): Omit<Seal, 'family'> => ({
  id: str(values, 'id') ?? '',
  name: str(values, 'name') ?? str(values, 'id') ?? '',
  aliases: [],
  insulation: span(num(values, 'minMm'), num(values, 'maxMm')) ?? { minMm: 0, maxMm: 0 },
  boreMm: num(values, 'boreMm') ?? 0,
  lengthMm: num(values, 'lengthMm') ?? 0,
  source,
})

export const toPlacardRow = (values: Values): PlacardRow => ({
  contact: str(values, 'contact') ?? '',
  conductor: { minMm2: num(values, 'minMm2') ?? 0, maxMm2: num(values, 'maxMm2') ?? 0 },
  ...opt('strip', span(num(values, 'stripMinMm'), num(values, 'stripMaxMm'))),
  ...opt('source', str(values, 'source')),
  ...opt('die', str(values, 'die')),
  ...opt('positioner', str(values, 'positioner')),
  ...opt('turret', num(values, 'turret')),
  ...opt('selector', num(values, 'selector')),
  ...opt('nest', str(values, 'nest')),
  ...opt('wireStopMm', num(values, 'wireStopMm')),
  ...opt('height', span(num(values, 'heightMinMm'), num(values, 'heightMaxMm'))),
})

const text = (value: string | number | boolean | undefined): string =>
  value === undefined ? '' : value === true ? 'yes' : value === false ? '' : String(value)
const row = (values: Readonly<Record<string, string | number | boolean | undefined>>): Record<string, string> =>
  Object.fromEntries(Object.entries(values).map(([key, value]) => [key, text(value)]))

export const fromSize = (size: ContactSize) =>
  row({
    id: size.id,
    name: size.name,
    boreMm: size.boreMm,
    matMinMm: size.matWindow?.minMm,
    matMaxMm: size.matWindow?.maxMm,
    retentionN: size.retentionN,
    plug: size.plug,
  })

export function fromContact(contact: SheetContact): Record<string, string> {
  const known = new Map<string, number>(
    Object.entries(contact.barrel ?? {}).flatMap(([key, value]) => (typeof value === 'number' ? [[key, value]] : [])),
  )
  return row({
    id: contact.id,
    name: contact.name,
    construction: contact.construction,
    size: contact.size,
    gender: contact.gender,
    minMm2: contact.conductor.minMm2,
    maxMm2: contact.conductor.maxMm2,
    insulationMinMm: contact.insulation?.minMm,
    insulationMaxMm: contact.insulation?.maxMm,
    plating: contact.plating,
    ratedA: contact.ratedA,
    maxC: contact.maxC,
    matings: contact.matings,
    overallMm: contact.overallMm,
    matingMm: contact.matingMm,
    crimpedMm: contact.crimpedMm,
    ...Object.fromEntries(
      barrelSheet(contact.construction).columns.map(([column, dimension]) => [column, known.get(dimension)]),
    ),
    bin: contact.bin,
    twoWires: contact.twoWires,
    reuses: contact.reuses,
    sheetTool: contact.sheetTool,
  })
}

export const fromSeal = (seal: Omit<Seal, 'family'>) =>
  row({
    id: seal.id,
    name: seal.name,
    minMm: seal.insulation.minMm,
    maxMm: seal.insulation.maxMm,
    boreMm: seal.boreMm,
    lengthMm: seal.lengthMm,
  })

export const fromPlacardRow = (tool: string, one: PlacardRow) =>
  row({
    tool,
    contact: one.contact,
    minMm2: one.conductor.minMm2,
    maxMm2: one.conductor.maxMm2,
    die: one.die,
    positioner: one.positioner,
    turret: one.turret,
    selector: one.selector,
    nest: one.nest,
    wireStopMm: one.wireStopMm,
    stripMinMm: one.strip?.minMm,
    stripMaxMm: one.strip?.maxMm,
    heightMinMm: one.height?.minMm,
    heightMaxMm: one.height?.maxMm,
    source: one.source,
  })
