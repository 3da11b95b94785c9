import { type TerminalShapeId, terminalShapes } from '../catalogue/terminalShapes'
import type { ContactInput } from '../catalogue/types'
import type { SheetColumn } from './sheet'
import { type SheetSource, type Values, column, idColumn, mm, num, opt, row, span, str } from './sheetCells'

/** Ferrules, rings, forks, blades, bullets and splices: what goes into no housing, each row one part. */

const terminalShapeIds = Object.keys(terminalShapes) as readonly TerminalShapeId[]
const seams = ['none', 'indent-away', 'indent-on'] as const

export const terminalSheet: readonly SheetColumn[] = [
  idColumn('id', 'part', ['part number', 'terminal', 'pn']),
  column('name', 'name', { kind: 'text', limit: 120 }, false, ['description']),
  column('shape', 'shape', { kind: 'choice', of: terminalShapeIds }, true, ['type', 'kind']),
  column('minMm2', 'wire from', { kind: 'figure', dimension: 'area' }, true, ['min mm2', 'from mm2', 'gauge from']),
  column('maxMm2', 'wire to', { kind: 'figure', dimension: 'area' }, true, ['max mm2', 'to mm2', 'gauge to']),
  column('insulationMinMm', 'insul. from', mm, false, ['insulation min', 'insulation from']),
  column('insulationMaxMm', 'insul. to', mm, false, ['insulation max', 'insulation to']),
  column('plating', 'plating', { kind: 'choice', of: ['gold', 'tin', 'nickel', 'silver'] }, true),
  column('sleeveMark', 'sleeve', { kind: 'text', limit: 40 }, false, ['sleeve colour', 'colour', 'collar']),
  column('insulated', 'insulated', { kind: 'yes-no' }),
  column('shrinks', 'shrinks', { kind: 'yes-no' }),
  column('studMm', 'stud or width mm', mm, false, ['stud', 'hole', 'blade width', 'diameter']),
  column('torqueNm', 'torque Nm', { kind: 'number' }, false, ['torque']),
  column('barrelMm', 'barrel depth', mm, false, ['barrel', 'depth']),
  column('barrelBoreMm', 'barrel bore', mm, false, ['bore']),
  column('barrelOuterMm', 'barrel outer', mm, false, ['outer']),
  column('metalAreaMm2', 'barrel mm²', { kind: 'figure', dimension: 'area' }, false, ['metal area']),
  column('seam', 'seam', { kind: 'choice', of: seams }),
  column('overallMm', 'overall', mm, false, ['overall mm', 'length']),
  column('ratedA', 'rated A', { kind: 'figure', dimension: 'current' }, false, ['current', 'rating', 'amps']),
  column('maxC', 'to °C', { kind: 'number' }, false, ['max c', 'temperature']),
  column('twoWires', 'two wires', { kind: 'yes-no' }),
  column('reuses', 'reuses', { kind: 'whole', min: 0, max: 99 }, false, ['may be used again']),
  column('sheetTool', 'sheet’s tool', { kind: 'id' }, false, ['tool']),
]

type TerminalInput = Extract<ContactInput, { construction: 'sleeve' }>

/** A terminal from its row. The barrel is there only when the sheet gives its depth, bore and outer diameter. */
export function toTerminal(values: Values, source: SheetSource): TerminalInput {
  const [depthMm, boreMm, outerMm] = [
    num(values, 'barrelMm'),
    num(values, 'barrelBoreMm'),
    num(values, 'barrelOuterMm'),
  ]
  const whole = depthMm !== undefined && boreMm !== undefined && outerMm !== undefined
  return {
    id: str(values, 'id') ?? '',
    name: str(values, 'name') ?? str(values, 'id') ?? '',
    aliases: [],
    conductor: { minMm2: num(values, 'minMm2') ?? 0, maxMm2: num(values, 'maxMm2') ?? 0 },
    ...opt('insulation', span(num(values, 'insulationMinMm'), num(values, 'insulationMaxMm'))),
    plating: (str(values, 'plating') ?? 'tin') as 'tin',
    ...opt('ratedA', num(values, 'ratedA')),
    refC: 20,
    ...opt('maxC', num(values, 'maxC')),
    ...opt('overallMm', num(values, 'overallMm')),
    twoWires: values.twoWires === true,
    reuses: num(values, 'reuses') ?? 0,
    ...opt('sheetTool', str(values, 'sheetTool')),
    pullMinima: [],
    contactMilliohm: 5,
    source,
    construction: 'sleeve',
    shape: terminalShapeIds.find((one) => one === values.shape) ?? 'ring',
    ...(whole && {
      barrel: {
        depthMm,
        boreMm,
        outerMm,
        ...opt('metalAreaMm2', num(values, 'metalAreaMm2')),
        seam: seams.find((one) => one === values.seam) ?? 'none',
      },
    }),
    ...opt('studMm', num(values, 'studMm')),
    ...opt('torqueNm', num(values, 'torqueNm')),
    ...opt('sleeveMark', str(values, 'sleeveMark')),
    insulated: values.insulated === true,
    shrinks: values.shrinks === true,
  }
}

export const fromTerminal = (terminal: TerminalInput) =>
  row({
    id: terminal.id,
    name: terminal.name,
    shape: terminal.shape,
    minMm2: terminal.conductor.minMm2,
    maxMm2: terminal.conductor.maxMm2,
    insulationMinMm: terminal.insulation?.minMm,
    insulationMaxMm: terminal.insulation?.maxMm,
    plating: terminal.plating,
    sleeveMark: terminal.sleeveMark,
    insulated: terminal.insulated,
    shrinks: terminal.shrinks,
    studMm: terminal.studMm,
    torqueNm: terminal.torqueNm,
    barrelMm: terminal.barrel?.depthMm,
    barrelBoreMm: terminal.barrel?.boreMm,
    barrelOuterMm: terminal.barrel?.outerMm,
    metalAreaMm2: terminal.barrel?.metalAreaMm2,
    seam: terminal.barrel && terminal.barrel.seam !== 'none' ? terminal.barrel.seam : undefined,
    overallMm: terminal.overallMm,
    ratedA: terminal.ratedA,
    maxC: terminal.maxC,
    twoWires: terminal.twoWires,
    reuses: terminal.reuses > 0 ? terminal.reuses : undefined,
    sheetTool: terminal.sheetTool,
  })
