import type { CellShape, SheetColumn } from './sheet'
import type { HousingDraft } from './housingDraft'

/** The small tables of a housing: its cavities row by row, ring by ring or one by one, keys and slots, cavities of another size. */

const mm: CellShape = { kind: 'figure', dimension: 'length' }
const place: CellShape = { kind: 'number' }
const column = (
  id: string,
  heading: string,
  cell: CellShape,
  required = false,
  aliases: readonly string[] = [],
): SheetColumn => ({ id, heading, cell, required, aliases })

const ways = column('ways', 'ways', { kind: 'whole', min: 1, max: 200 }, true, ['count', 'cavities', 'positions'])
const size = column('size', 'size', { kind: 'id' }, false, ['contact size'])
const ids = column('ids', 'numbers', { kind: 'text', limit: 4000 }, false, ['ids', 'printed', 'cavity ids'])

export const cavitySheets: Readonly<Record<HousingDraft['arrangement'], readonly SheetColumn[]>> = {
  rows: [
    ways,
    size,
    column('pitchMm', 'pitch mm', mm, false, ['pitch']),
    column('fromMiddleMm', 'from middle mm', place, false, ['from middle', 'y', 'y mm']),
    column('firstXMm', 'first at mm', place, false, ['first at', 'first x', 'offset']),
    ids,
  ],
  rings: [
    ways,
    size,
    column('radiusMm', 'radius mm', { kind: 'figure', dimension: 'length', zero: true }, true, ['radius']),
    ids,
  ],
  free: [
    column('id', 'number', { kind: 'text', limit: 6 }, false, ['id', 'cavity', 'printed', 'pin']),
    column('xMm', 'x mm', place, true, ['x']),
    column('yMm', 'y mm', place, true, ['y']),
    column('row', 'row', { kind: 'whole', min: 0, max: 60 }),
    size,
  ],
}

export const keySheet: readonly SheetColumn[] = [
  column('kind', 'is a', { kind: 'choice', of: ['slot', 'key'] }, true, ['kind', 'slot or key']),
  column('xMm', 'x mm', place, true, ['x']),
  column('yMm', 'y mm', place, true, ['y']),
  column('widthMm', 'wide mm', mm, true, ['width', 'wide']),
  column('heightMm', 'high mm', mm, true, ['height', 'high', 'deep']),
  column('keyings', 'of keying', { kind: 'list' }, false, ['keying', 'keyings', 'code']),
]

export const oddSizeSheet: readonly SheetColumn[] = [
  column('size', 'size', { kind: 'id' }, true, ['contact size']),
  column('cavities', 'cavities', { kind: 'text', limit: 4000 }, true, ['ids', 'numbers']),
]

/** A small table of a housing. */
export type HousingSheet = 'cavities' | 'keys' | 'oddSizes'

export const housingColumns = (sheet: HousingSheet, { arrangement }: Pick<HousingDraft, 'arrangement'>) =>
  sheet === 'cavities' ? cavitySheets[arrangement] : sheet === 'keys' ? keySheet : oddSizeSheet
