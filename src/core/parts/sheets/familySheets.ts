import { smallPartKindIds } from '../catalogue/partIds'
import { type TerminalShapeId, terminalShapes } from '../catalogue/terminalShapes'
import type { ContactInput, ContactSize, FamilyInput, PlacardRow, Seal } from '../catalogue/types'
import type { SheetColumn } from './sheet'
import { type SheetSource, type Values, column, idColumn, mm, num, opt, row, span, str } from './sheetCells'

/** The sheets of a family: what a maker's data sheet gives in tables, each row one part or one setting. */

export const sizeSheet: readonly SheetColumn[] = [
  idColumn('id', 'size', ['contact size']),
  column('name', 'name', { kind: 'text', limit: 120 }),
  column('boreMm', 'bore mm', mm, false, ['cavity bore', 'bore']),
  column('matMinMm', 'mat from mm', mm, false, ['mat min']),
  column('matMaxMm', 'mat to mm', mm, false, ['mat max']),
  column('retentionN', 'retention N', { kind: 'figure', dimension: 'force' }, false, ['retention']),
  column('plug', 'plug part', { kind: 'id' }, false, ['cavity plug', 'plug']),
  column('takes', 'takes', { kind: 'choices', of: Object.keys(terminalShapes) }, false, ['terminals', 'fixes']),
  column('studMm', 'stud mm', mm, false, ['stud', 'screw', 'thread']),
  column('minMm2', 'wire from', { kind: 'figure', dimension: 'area' }, false, ['min mm2', 'gauge from']),
  column('maxMm2', 'wire to', { kind: 'figure', dimension: 'area' }, false, ['max mm2', 'gauge to']),
  column('torqueNm', 'torque Nm', { kind: 'number' }, false, ['torque']),
]

type Fixing = NonNullable<ContactSize['fixing']>

/** What is said of a clamp or stud besides the terminals that it takes. */
export const fixingFigures = ['studMm', 'minMm2', 'maxMm2', 'torqueNm'] as const

/** A clamp or stud by its row; nothing where the row says no terminal that it takes. */
function fixingOf(values: Values): Fixing | undefined {
  const takes = (Array.isArray(values.takes) ? values.takes : []) as TerminalShapeId[]
  if (takes.length === 0) return undefined
  const [minMm2, maxMm2] = [num(values, 'minMm2'), num(values, 'maxMm2')]
  const most = maxMm2 ?? minMm2
  return {
    takes,
    ...opt('studMm', num(values, 'studMm')),
    ...(most !== undefined && { conductor: { minMm2: minMm2 ?? 0, maxMm2: most } }),
    ...opt('torqueNm', num(values, 'torqueNm')),
  }
}

export const sealSheet: readonly SheetColumn[] = [
  idColumn('id', 'part', ['part number', 'seal', 'pn']),
  column('name', 'name', { kind: 'text', limit: 120 }, false, ['description']),
  column('minMm', 'insul. from', mm, true, ['insulation min', 'min', 'insulation from']),
  column('maxMm', 'insul. to', mm, true, ['insulation max', 'max', 'insulation to']),
  column('boreMm', 'bore', mm, true, ['cavity bore']),
  column('lengthMm', 'length', mm, true),
]

export const partSheet: readonly SheetColumn[] = [
  idColumn('id', 'part', ['part number', 'pn']),
  column('name', 'name', { kind: 'text', limit: 120 }, false, ['description']),
  column('kind', 'is a', { kind: 'choice', of: smallPartKindIds }, true, ['kind', 'type']),
]

/** Pull minima that a part's own sheet gives, wire by wire: they come before any table. */
export const pullSheet: readonly SheetColumn[] = [
  idColumn('contact', 'part', ['contact', 'terminal', 'part number']),
  column('areaMm2', 'wire', { kind: 'figure', dimension: 'area' }, true, ['area', 'gauge', 'mm2']),
  column('forceN', 'holds at least N', { kind: 'figure', dimension: 'force' }, true, [
    'force',
    'pull',
    'tensile',
    'min',
  ]),
]

export const placardSheet: readonly SheetColumn[] = [
  idColumn('tool', 'tool'),
  idColumn('contact', 'contact', ['part', 'part number']),
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
  column('insulationHeightMinMm', 'insul. height from', mm, false, ['insulation height min', 'insulation height']),
  column('insulationHeightMaxMm', 'insul. height to', mm, false, ['insulation height max']),
  column('source', 'row', { kind: 'text', limit: 120 }, false, ['source', 'note']),
]

export const toSize = (values: Values): ContactSize => {
  const mat = span(num(values, 'matMinMm'), num(values, 'matMaxMm'))
  return {
    id: str(values, 'id') ?? '',
    name: str(values, 'name') ?? str(values, 'id') ?? '',
    ...opt('boreMm', num(values, 'boreMm')),
    ...opt('matWindow', mat),
    ...opt('retentionN', num(values, 'retentionN')),
    ...opt('plug', str(values, 'plug')),
    ...opt('fixing', fixingOf(values)),
  }
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
  ...opt('insulationHeight', span(num(values, 'insulationHeightMinMm'), num(values, 'insulationHeightMaxMm'))),
})

export const fromSize = (size: ContactSize) =>
  row({
    id: size.id,
    name: size.name,
    boreMm: size.boreMm,
    matMinMm: size.matWindow?.minMm,
    matMaxMm: size.matWindow?.maxMm,
    retentionN: size.retentionN,
    plug: size.plug,
    takes: size.fixing?.takes.join(' '),
    studMm: size.fixing?.studMm,
    minMm2: size.fixing?.conductor?.minMm2,
    maxMm2: size.fixing?.conductor?.maxMm2,
    torqueNm: size.fixing?.torqueNm,
  })

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
    insulationHeightMinMm: one.insulationHeight?.minMm,
    insulationHeightMaxMm: one.insulationHeight?.maxMm,
    source: one.source,
  })

/** Figures of a placard row that must not stand the wrong way round. */
export const placardWindows = [
  ['minMm2', 'maxMm2'],
  ['stripMinMm', 'stripMaxMm'],
  ['heightMinMm', 'heightMaxMm'],
  ['insulationHeightMinMm', 'insulationHeightMaxMm'],
] as const

type SmallPartInput = FamilyInput['parts'][number]

export const toPart = (values: Values, source: SheetSource): SmallPartInput => ({
  id: str(values, 'id') ?? '',
  name: str(values, 'name') ?? str(values, 'id') ?? '',
  kind: smallPartKindIds.find((one) => one === values.kind) ?? 'clip',
  source,
})

export const fromPart = (part: SmallPartInput) => row({ id: part.id, name: part.name, kind: part.kind })

export const toPull = (values: Values) => ({ areaMm2: num(values, 'areaMm2') ?? 0, forceN: num(values, 'forceN') ?? 0 })

export const fromPulls = (contact: ContactInput) =>
  contact.pullMinima.map(({ areaMm2, forceN }) => row({ contact: contact.id, areaMm2, forceN }))
