import { placeCavities } from '../../base/face/arrangement'
import { figureChanges } from '../catalogue/comparePackages'
import { groupBy } from '../../base/collections'
import { remembered } from '../../base/remembered'
import type { HousingInput } from '../catalogue/types'
import { shortIds } from './expandIds'
import { emptyHousing, type HousingDraft, noSecondLock, noSecures } from './housingDraft'
import { readHousing } from './readHousing'
import type { SheetRow } from './sheet'

const text = (value: number | undefined) => (value === undefined ? '' : String(value))
const cells = (values: Readonly<Record<string, string | number | undefined>>): SheetRow =>
  Object.fromEntries(
    Object.entries(values).flatMap(([key, value]) =>
      value === undefined || value === '' ? [] : [[key, String(value)]],
    ),
  )

/** A housing of the shelf as a draft: what is written again is the same housing. Asked at every key, it is made once. */
export const draftHousing = remembered(toDraft)

function toDraft(housing: HousingInput): HousingDraft {
  const { arrangement, ids, mark, outline } = housing
  const plain: HousingDraft = {
    ...emptyHousing,
    id: housing.id,
    name: housing.name,
    role: housing.role,
    arrangement: arrangement.kind,
    ...(arrangement.kind === 'rows' && { rowPitchMm: String(arrangement.rowPitchMm) }),
    ...(arrangement.kind === 'rings' && {
      startDeg: String(arrangement.startDeg),
      clockwise: arrangement.clockwise,
    }),
    ids: ids.kind,
    order: ids.order,
    ...(ids.kind === 'numbers' && { first: String(ids.start) }),
    ...(ids.kind === 'letters' && { skip: ids.skip.join(' ') }),
    markKind: mark.kind,
    markXMm: String(mark.at.xMm),
    markYMm: String(mark.at.yMm),
    shape: outline.shape,
    widthMm: String(outline.widthMm),
    heightMm: String(outline.heightMm),
    cornerMm: String(outline.cornerMm),
    keys: (housing.keys ?? []).map((key) =>
      cells({
        kind: key.kind,
        xMm: key.at.xMm,
        yMm: key.at.yMm,
        widthMm: key.widthMm,
        heightMm: key.heightMm,
        keyings: key.keyings?.join(' '),
      }),
    ),
    size: housing.cavitySize ?? '',
    keyings: housing.keyings ?? [],
    lock: housing.lock ?? '',
    secondLock: {
      ...noSecondLock,
      ...Object.fromEntries(Object.entries(housing.secondLock ?? {}).map(([key, value]) => [key, String(value)])),
    },
    interfaceSeal: housing.interfaceSeal ?? '',
    mates: housing.mates ?? [],
    secures: {
      ...noSecures,
      ...Object.fromEntries((housing.secures ?? []).map(({ what, asked }) => [what, String(asked)])),
    },
    joined: (housing.joined ?? []).map((bar) => bar.join(' ')).join('; '),
    parts: (housing.parts ?? []).map((one) => one.part),
  }
  const drafts =
    arrangement.kind === 'free'
      ? [inRows(housing, plain), oneByOne(housing, plain)]
      : [inTable(housing, plain, true), inTable(housing, plain, false)]
  // rows are said only where they give the same places again
  return drafts.find((draft) => draft && isSameFace(draft, housing)) ?? drafts.at(-1) ?? plain
}

type Rows = readonly { readonly row: number; readonly id: string; readonly xMm: number; readonly yMm: number }[]

/** The cavities row by row, each row from left to right, or round its ring. */
function rowsOf({ arrangement, ids }: HousingInput): readonly Rows[] {
  const placed = placeCavities(arrangement, ids)
  return placed.ok ? [...groupBy(placed.value, (cavity) => cavity.row)].map(([, row]) => row) : []
}

/** Sizes that a whole row has, and what is left: cavities that differ within their row. */
function sizesOf(housing: HousingInput, rows: readonly Rows[], byRow = true) {
  const left = new Map(Object.entries(housing.otherSizes ?? {}).flatMap(([size, ids]) => ids.map((id) => [id, size])))
  const ofRow = rows.map((row) => {
    const [first] = row
    const size = byRow && first ? left.get(first.id) : undefined
    if (size === undefined || !row.every(({ id }) => left.get(id) === size)) return undefined
    for (const { id } of row) left.delete(id)
    return size
  })
  const odd = groupBy([...left], ([, size]) => size)
  return { ofRow, oddSizes: [...odd].map(([size, of]) => ({ size, cavities: shortIds(of.map(([id]) => id)) })) }
}

const printed = (housing: HousingInput, row: Rows) =>
  housing.ids.kind === 'list' ? shortIds(row.map(({ id }) => id)) : undefined

/** Rows or rings as they are. */
function inTable(housing: HousingInput, plain: HousingDraft, byRow: boolean): HousingDraft {
  const { arrangement } = housing
  const rows = rowsOf(housing)
  const { ofRow, oddSizes } = sizesOf(housing, rows, byRow)
  return {
    ...plain,
    oddSizes,
    cavities: rows.map((row, i) =>
      cells({
        ways: row.length,
        size: ofRow[i],
        ...(arrangement.kind === 'rows' && {
          pitchMm: arrangement.pitchMm,
          firstXMm: arrangement.rowOffsetsMm?.[i],
        }),
        ...(arrangement.kind === 'rings' && { radiusMm: arrangement.ringRadiiMm[i] }),
        ids: printed(housing, row),
      }),
    ),
  }
}

const round = (mm: number) => Math.round(mm * 1e6) / 1e6

/** Free places that stand in rows of even pitch, said as those. */
function inRows(housing: HousingInput, plain: HousingDraft): HousingDraft | undefined {
  const rows = rowsOf(housing)
  if (rows.length > 12 || rows.some((row) => row.some(({ yMm }) => yMm !== row[0]?.yMm))) return undefined
  const { ofRow, oddSizes } = sizesOf(housing, rows)
  return {
    ...plain,
    arrangement: 'rows',
    oddSizes,
    cavities: rows.map((row, i) => {
      const [first, second] = row
      const pitchMm = first && second ? round(second.xMm - first.xMm) : undefined
      const centred = first && Math.abs(first.xMm + ((row.length - 1) / 2) * (pitchMm ?? 0)) < 1e-6
      return cells({
        ways: row.length,
        size: ofRow[i],
        pitchMm,
        fromMiddleMm: first?.yMm,
        firstXMm: centred ? undefined : first?.xMm,
        ids: printed(housing, row),
      })
    }),
  }
}

/** Free places one by one, in the order in which they stand on the shelf. */
function oneByOne(housing: HousingInput, plain: HousingDraft): HousingDraft {
  const { arrangement } = housing
  if (arrangement.kind !== 'free') return plain
  const ids = new Map(rowsOf(housing).flatMap((row) => row.map((one) => [`${one.xMm} ${one.yMm}`, one.id])))
  const sizes = new Map(Object.entries(housing.otherSizes ?? {}).flatMap(([size, of]) => of.map((id) => [id, size])))
  return {
    ...plain,
    cavities: arrangement.positions.map(({ xMm, yMm, row }) => {
      const id = ids.get(`${xMm} ${yMm}`) ?? ''
      return cells({
        id: housing.ids.kind === 'list' ? id : undefined,
        xMm: text(xMm),
        yMm: text(yMm),
        row: text(row),
        size: sizes.get(id),
      })
    }),
  }
}

/** Does a draft give the same cavities at the same places again? */
function isSameFace(draft: HousingDraft, housing: HousingInput): boolean {
  const again = readHousing(draft, housing.source).housing
  // a database gives the fields of a document in an order of its own
  const face = (one: HousingInput) => ({ arrangement: one.arrangement, ids: one.ids, sizes: sizesInOrder(one) })
  return again !== undefined && figureChanges(face(housing), face(again)).length === 0
}

/** Which cavities have another size, whatever the order in which they were named. */
const sizesInOrder = ({ otherSizes = {} }: HousingInput) =>
  Object.entries(otherSizes)
    .map(([size, ids]) => [size, [...ids].sort()] as const)
    .sort(([a], [b]) => (a < b ? -1 : 1))
