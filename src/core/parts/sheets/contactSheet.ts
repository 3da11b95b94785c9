import type { Construction, ContactInput } from '../catalogue/types'
import { constructions, sheetConstructions } from '../catalogue/constructions'
import { contactSprings, wingFolds } from '../catalogue/partIds'
import type { SheetColumn } from './sheet'
import { type SheetSource, type Values, column, idColumn, mm, num, opt, row, span, str } from './sheetCells'

export const contactSheet: readonly SheetColumn[] = [
  idColumn('id', 'part', ['part number', 'contact', 'pn', 'part no']),
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
  column('wings', 'wings', { kind: 'choice', of: wingFolds }, false, ['wings fold']),
  column('wingWidthMm', 'wing width', mm),
  column('cupDepthMm', 'cup depth', { kind: 'figure', dimension: 'length', zero: true }),
  column('cupBoreMm', 'cup bore', mm),
  column('spring', 'lance', { kind: 'choice', of: contactSprings }, false, ['spring', 'tang']),
  column('tabMm', 'tab at most', mm, false, ['tab', 'carrier tab', 'cut-off tab']),
  column('bin', 'bin', { kind: 'text', limit: 3 }, false, ['bands', 'bin code']),
  column('twoWires', 'two wires', { kind: 'yes-no' }),
  column('pinTry', 'pin tried', { kind: 'yes-no' }, false, ['mating pin']),
  column('reuses', 'reuses', { kind: 'whole', min: 0, max: 50 }),
  column('sheetTool', 'sheet’s tool', { kind: 'id' }, false, ['tool']),
]

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
    ...opt(
      'spring',
      contactSprings.find((one) => one === values.spring),
    ),
    ...opt('bin', str(values, 'bin')),
    twoWires: values.twoWires === true,
    ...(values.pinTry === true && { pinTry: true }),
    ...opt('tabMm', num(values, 'tabMm')),
    reuses: num(values, 'reuses') ?? 0,
    ...opt('sheetTool', str(values, 'sheetTool')),
    pullMinima: [],
    contactMilliohm: 5,
    source,
  }
  const construction = sheetConstructions.find((one) => one === values.construction) ?? 'open-barrel'
  const { columns, more } = barrelSheet(construction)
  const whole = columns.every(([column]) => num(values, column) !== undefined)
  const barrel = {
    ...Object.fromEntries(columns.map(([column, dimension]) => [dimension, n(column)])),
    ...Object.fromEntries(
      more.flatMap(({ column, dimension, otherwise }) => {
        const said = values[column] ?? otherwise
        return said === undefined ? [] : [[dimension, said]]
      }),
    ),
  }
  // its schema is that of the construction: the columns are those of its row
  return { ...base, construction, ...(whole && { barrel }) } as unknown as ContactInput
}

/** A contact that goes into a cavity: it stands in the sheet of contacts, a terminal in one of its own. */
export type SheetContact = Exclude<ContactInput, { construction: 'sleeve' }>

const noSheet = { columns: [], more: [] }
const barrelSheet = (construction: Construction) => constructions[construction].sheet ?? noSheet

export function fromContact(contact: SheetContact): Record<string, string> {
  const known = new Map<string, string | number | undefined>(Object.entries(contact.barrel ?? {}))
  const { columns, more } = barrelSheet(contact.construction)
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
    ...Object.fromEntries(columns.map(([column, dimension]) => [column, known.get(dimension)])),
    ...Object.fromEntries(
      more.map(({ column, dimension, otherwise }) => {
        const value = known.get(dimension)
        return [column, value === otherwise ? undefined : value]
      }),
    ),
    spring: contact.spring,
    bin: contact.bin,
    twoWires: contact.twoWires,
    pinTry: contact.pinTry,
    tabMm: contact.tabMm,
    reuses: contact.reuses,
    sheetTool: contact.sheetTool,
  })
}
