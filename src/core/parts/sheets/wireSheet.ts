import type { WireType } from '../catalogue/types'
import { saidGauge } from '../../base/units/parseQuantity'
import { formatAwg } from '../../base/wire/awg'
import { isBlankRow, readSheetRow, type SheetColumn, type SheetProblem, type SheetRow } from './sheet'

/** Wire types as a reel's label and a pair of callipers give them: each row one. */
export const wireSheet: readonly SheetColumn[] = [
  { id: 'id', heading: 'wire', cell: { kind: 'id' }, required: true, aliases: ['part', 'part number', 'type', 'pn'] },
  { id: 'name', heading: 'name', cell: { kind: 'text', limit: 120 }, required: false, aliases: ['description'] },
  {
    id: 'printed',
    heading: 'printed',
    cell: { kind: 'figure', dimension: 'area' },
    required: true,
    aliases: ['size', 'gauge', 'awg', 'mm2', 'cross section'],
  },
  {
    id: 'strands',
    heading: 'strands',
    cell: { kind: 'whole', min: 1, max: 20_000 },
    required: true,
    aliases: ['strand count'],
  },
  {
    id: 'strandMm',
    heading: 'strand mm',
    cell: { kind: 'figure', dimension: 'length' },
    required: true,
    aliases: ['strand', 'strand diameter'],
  },
  {
    id: 'insulationMm',
    heading: 'over insul.',
    cell: { kind: 'figure', dimension: 'length' },
    required: true,
    aliases: ['insulation mm', 'outer diameter', 'od', 'over insulation'],
  },
  {
    id: 'insulation',
    heading: 'insulation',
    cell: { kind: 'text', limit: 120 },
    required: true,
    aliases: ['material'],
  },
  { id: 'plated', heading: 'plated', cell: { kind: 'yes-no' }, required: false, aliases: ['tinned'] },
  {
    id: 'ratedA',
    heading: 'rated A',
    cell: { kind: 'figure', dimension: 'current' },
    required: false,
    aliases: ['current', 'amps', 'rating'],
  },
  {
    id: 'refC',
    heading: 'rated at °C',
    cell: { kind: 'number' },
    required: false,
    aliases: ['ref c', 'reference temperature'],
  },
  { id: 'maxC', heading: 'to °C', cell: { kind: 'number' }, required: false, aliases: ['max c', 'temperature'] },
  { id: 'aliases', heading: 'also called', cell: { kind: 'list' }, required: false, aliases: ['alias'] },
]

export interface WireFault {
  readonly row: number
  readonly column: string
  readonly problem: SheetProblem
}

/** Metal that differs from the print by more than this share is a slip of the pen, or another wire. */
const METAL_OFF = 0.35

/**
 * Rows as wire types.
 * @param source where the figures come from
 * @returns the types that can be read whole, and every fault
 */
export function readWireRows(
  rows: readonly SheetRow[],
  source: WireType['source'],
): { readonly wireTypes: readonly WireType[]; readonly faults: readonly WireFault[] } {
  const faults: WireFault[] = []
  const seen = new Set<string>()
  const wireTypes = rows.flatMap((row, at): WireType[] => {
    if (isBlankRow(row)) return []
    const { values, problems } = readSheetRow(wireSheet, row)
    const bad = (column: string, problem: SheetProblem) => faults.push({ row: at, column, problem })
    for (const [column, problem] of Object.entries(problems)) bad(column, problem)
    const { id, name, printed, strands, strandMm, insulationMm, insulation, plated, ratedA, refC, maxC, aliases } =
      values
    if (typeof id === 'string' && seen.has(id.toLowerCase())) bad('id', { kind: 'twice' })
    seen.add(typeof id === 'string' ? id.toLowerCase() : '')
    const metalMm2 =
      typeof strands === 'number' && typeof strandMm === 'number' ? (strands * Math.PI * strandMm ** 2) / 4 : undefined
    if (typeof printed === 'number' && metalMm2 !== undefined && Math.abs(metalMm2 / printed - 1) > METAL_OFF)
      bad('strandMm', { kind: 'metal-off', metalMm2, printedMm2: printed })
    if (metalMm2 !== undefined && typeof insulationMm === 'number' && (Math.PI / 4) * insulationMm ** 2 <= metalMm2)
      bad('insulationMm', { kind: 'inside-metal', metalMm2 })
    if (
      faults.some((fault) => fault.row === at) ||
      typeof id !== 'string' ||
      typeof printed !== 'number' ||
      typeof strands !== 'number' ||
      typeof strandMm !== 'number' ||
      typeof insulationMm !== 'number' ||
      typeof insulation !== 'string'
    )
      return []
    return [
      {
        id,
        name: typeof name === 'string' ? name : id,
        aliases: Array.isArray(aliases) ? [...(aliases as readonly string[])] : [],
        designation: designationOf(row.printed ?? '', printed),
        strands,
        strandMm,
        insulationMm,
        insulation,
        plated: plated === true,
        refC: typeof refC === 'number' ? refC : 20,
        source,
        ...(typeof ratedA === 'number' && { ratedA }),
        ...(typeof maxC === 'number' && { maxC }),
      },
    ]
  })
  return { wireTypes, faults }
}

/** A print in gauge stays one; anything else is an area. */
function designationOf(said: string, areaMm2: number): WireType['designation'] {
  const awg = saidGauge(said)
  return awg === undefined ? { areaMm2 } : { awg: formatAwg(awg) }
}

/** A wire type as a row. */
export const wireRow = (type: WireType): SheetRow => ({
  id: type.id,
  name: type.name,
  printed: 'awg' in type.designation ? `${type.designation.awg} awg` : String(type.designation.areaMm2),
  strands: String(type.strands),
  strandMm: String(type.strandMm),
  insulationMm: String(type.insulationMm),
  insulation: type.insulation,
  plated: type.plated ? 'yes' : 'no',
  aliases: type.aliases.join(' '),
  refC: String(type.refC),
  ...(type.ratedA !== undefined && { ratedA: String(type.ratedA) }),
  ...(type.maxC !== undefined && { maxC: String(type.maxC) }),
})
