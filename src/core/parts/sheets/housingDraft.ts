import { type Arrangement, type ArrangementFault, type PlacedCavity, placeCavities } from '../../base/face/arrangement'
import type { IdStyle, NumberingId } from '../../base/face/numbering'
import type { HousingInput } from '../catalogue/types'

/** A housing while it is built: every field as it is written. */
export interface HousingDraft {
  readonly id: string
  readonly name: string
  readonly role: 'plug' | 'receptacle'
  readonly arrangement: 'rows' | 'rings' | 'free'
  /** cavities in each row from the top, or each ring from the centre: `3, 4, 3` */
  readonly counts: string
  readonly pitchMm: string
  readonly rowPitchMm: string
  /** x of each row's first cavity; empty is centred */
  readonly offsets: string
  readonly radii: string
  readonly startDeg: string
  readonly clockwise: boolean
  /** `x y` or `x y row`, one cavity a line */
  readonly positions: string
  readonly ids: 'numbers' | 'letters' | 'list'
  readonly order: NumberingId
  readonly first: string
  /** letters that are skipped, or the printed ids in their order */
  readonly idText: string
  readonly markKind: 'chamfer' | 'notch' | 'key' | 'rib'
  readonly markAt: string
  readonly shape: 'rounded' | 'circle'
  readonly widthMm: string
  readonly heightMm: string
  readonly cornerMm: string
  /** `key x y width height`, one a line */
  readonly keys: string
  readonly size: string
  /** `size: ids`, one a line */
  readonly otherSizes: string
  readonly keyings: string
  readonly lock: string
  readonly interfaceSeal: string
  readonly mates: string
}

export const emptyHousing: HousingDraft = {
  id: '',
  name: '',
  role: 'plug',
  arrangement: 'rows',
  counts: '2',
  pitchMm: '4',
  rowPitchMm: '4',
  offsets: '',
  radii: '',
  startDeg: '90',
  clockwise: true,
  positions: '',
  ids: 'numbers',
  order: 'same-side',
  first: '1',
  idText: '',
  markKind: 'notch',
  markAt: '',
  shape: 'rounded',
  widthMm: '',
  heightMm: '',
  cornerMm: '1',
  keys: '',
  size: '',
  otherSizes: '',
  keyings: '',
  lock: '',
  interfaceSeal: '',
  mates: '',
}

export type HousingField = keyof HousingDraft
export type HousingProblem =
  | { readonly kind: 'missing' }
  | { readonly kind: 'bad-id' }
  | { readonly kind: 'not-numbers' }
  | { readonly kind: 'not-positive' }
  | { readonly kind: 'not-counts' }
  | { readonly kind: 'bad-line'; readonly line: number }
  | { readonly kind: 'arrangement'; readonly fault: ArrangementFault }

const numbers = (text: string): readonly number[] | undefined => {
  const parts = text
    .trim()
    .split(/[\s,;/]+/)
    .filter(Boolean)
  const values = parts.map((part) => Number(part.replace('−', '-')))
  return values.every(Number.isFinite) ? values : undefined
}
const words = (text: string): readonly string[] => text.split(/[\s,;]+/).filter(Boolean)
const lines = (text: string): readonly string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
/** Room that a shell keeps round its outer cavities, where nobody has measured it, mm. */
const WALL_MM = 3.5

/** The housing that a draft says, or what is wrong with each field. Cavities are placed, so that the drawing can follow every key. */
export function readHousing(
  draft: HousingDraft,
  source: HousingInput['source'],
): { readonly housing?: HousingInput; readonly problems: Readonly<Partial<Record<HousingField, HousingProblem>>> } {
  const problems: Partial<Record<HousingField, HousingProblem>> = {}
  if (draft.size.trim() === '') problems.size = { kind: 'missing' }
  if (draft.id.trim() === '') problems.id = { kind: 'missing' }
  else if (!/^[^\s,;:"'<>]{1,60}$/.test(draft.id.trim())) problems.id = { kind: 'bad-id' }
  const positive = (field: PositiveField, fallback?: number) => readPositive(draft, problems, field, fallback)
  const arrangement = readArrangement(draft, problems, positive)
  const ids = readIds(draft, problems)
  if (!arrangement) return { problems }
  const placed = placeCavities(arrangement, ids)
  if (!placed.ok)
    return {
      problems: {
        ...problems,
        [fieldOf(placed.fault.kind, arrangement)]: { kind: 'arrangement', fault: placed.fault },
      },
    }
  const { widthMm, heightMm } = shellSize(draft, placed.value, positive)
  const markAt = draft.markAt.trim() === '' ? [-widthMm / 2 + 1, heightMm / 2 - 2] : numbers(draft.markAt)
  if (markAt?.length !== 2) problems.markAt = { kind: 'not-numbers' }
  const keys = readKeys(draft, problems)
  const otherSizes = readOtherSizes(draft, problems)
  const corner = Number(draft.cornerMm)
  const [keyings, mates] = [words(draft.keyings), words(draft.mates)]
  const housing: HousingInput = {
    id: draft.id.trim(),
    name: draft.name.trim() || draft.id.trim(),
    aliases: [],
    role: draft.role,
    ...(keyings.length > 0 && { keyings: [...keyings] }),
    arrangement: arrangement as HousingInput['arrangement'],
    ids: ids as HousingInput['ids'],
    mark: { kind: draft.markKind, at: { xMm: markAt?.[0] ?? 0, yMm: markAt?.[1] ?? 0 } },
    outline: { shape: draft.shape, widthMm, heightMm, cornerMm: Number.isFinite(corner) && corner >= 0 ? corner : 1 },
    ...(keys.length > 0 && { keys }),
    cavitySize: draft.size.trim(),
    ...(Object.keys(otherSizes).length > 0 && { otherSizes }),
    ...(draft.lock.trim() !== '' && { lock: draft.lock.trim() }),
    ...(draft.interfaceSeal.trim() !== '' && { interfaceSeal: draft.interfaceSeal.trim() }),
    ...(mates.length > 0 && { mates: [...mates] }),
    source,
  }
  return { housing, problems }
}

type PositiveField = 'pitchMm' | 'rowPitchMm' | 'widthMm' | 'heightMm'

/** A figure above nought; left empty, what stands in for it. A figure that is none is drawn as 1. */
function readPositive(draft: HousingDraft, problems: Problems, field: PositiveField, fallback?: number): number {
  const text = draft[field].trim()
  if (text === '' && fallback !== undefined) return fallback
  const value = Number(text.replace(',', '.'))
  if (text === '') problems[field] = { kind: 'missing' }
  else if (!Number.isFinite(value)) problems[field] = { kind: 'not-numbers' }
  else if (value <= 0) problems[field] = { kind: 'not-positive' }
  return value > 0 ? value : 1
}

/** How large the shell is: as typed, or round the outer cavities. */
function shellSize(
  draft: HousingDraft,
  cavities: readonly PlacedCavity[],
  positive: (field: 'widthMm' | 'heightMm', fallback: number) => number,
): { readonly widthMm: number; readonly heightMm: number } {
  const round = draft.shape === 'circle'
  const acrossX = cavities.map(({ xMm, yMm }) => (round ? Math.hypot(xMm, yMm) : Math.abs(xMm)))
  const widthMm = positive('widthMm', 2 * Math.max(...acrossX) + 2 * WALL_MM)
  if (round) return { widthMm, heightMm: widthMm }
  const acrossY = cavities.map(({ yMm }) => Math.abs(yMm))
  return { widthMm, heightMm: positive('heightMm', 2 * Math.max(...acrossY) + 2 * WALL_MM) }
}

/** Under which field a fault of the whole arrangement is shown. */
function fieldOf(fault: ArrangementFault['kind'], arrangement: Arrangement): HousingField {
  if (fault === 'ids-missing' || fault === 'no-letters') return 'idText'
  if (fault !== 'lengths-differ') return 'order'
  return arrangement.kind === 'rings' ? 'radii' : 'offsets'
}

type Problems = Partial<Record<HousingField, HousingProblem>>

function readKeys(draft: HousingDraft, problems: Problems): NonNullable<HousingInput['keys']> {
  return lines(draft.keys).map((line, i) => {
    const match = /^(key|slot)\s+(.+)$/i.exec(line)
    const values = match ? numbers(match[2] ?? '') : undefined
    if (values?.length !== 4) problems.keys = { kind: 'bad-line', line: i + 1 }
    const [xMm = 0, yMm = 0, width = 1, height = 1] = values ?? []
    return {
      kind: match?.[1]?.toLowerCase() === 'slot' ? ('slot' as const) : ('key' as const),
      at: { xMm, yMm },
      widthMm: width,
      heightMm: height,
    }
  })
}

/** Cavities of another contact size, as `size: cavities`, a line each. */
const readOtherSizes = (draft: HousingDraft, problems: Problems): Readonly<Record<string, string[]>> =>
  Object.fromEntries(
    lines(draft.otherSizes).map((line, i) => {
      const match = /^([^\s:]+)\s*:\s*(.+)$/.exec(line)
      if (!match) problems.otherSizes = { kind: 'bad-line', line: i + 1 }
      return [match?.[1] ?? '', [...words(match?.[2] ?? '')]]
    }),
  )

function readArrangement(
  draft: HousingDraft,
  problems: Partial<Record<HousingField, HousingProblem>>,
  positive: (field: 'pitchMm' | 'rowPitchMm') => number,
): Arrangement | undefined {
  if (draft.arrangement === 'free') {
    const positions = lines(draft.positions).map((line, i) => {
      const values = numbers(line)
      if (!values || values.length < 2 || values.length > 3) problems.positions = { kind: 'bad-line', line: i + 1 }
      return { xMm: values?.[0] ?? 0, yMm: values?.[1] ?? 0, row: values?.[2] ?? 0 }
    })
    if (positions.length === 0) problems.positions = { kind: 'missing' }
    return problems.positions ? undefined : { kind: 'free', positions }
  }
  const counts = numbers(draft.counts)
  if (
    !counts ||
    counts.length === 0 ||
    !counts.every((count) => Number.isInteger(count) && count >= 1 && count <= 200)
  ) {
    problems.counts = { kind: 'not-counts' }
    return undefined
  }
  if (draft.arrangement === 'rows') {
    const offsets = draft.offsets.trim() === '' ? undefined : numbers(draft.offsets)
    if (draft.offsets.trim() !== '' && !offsets) problems.offsets = { kind: 'not-numbers' }
    const pitchMm = positive('pitchMm')
    // a single row has no pitch to the next: what is written there is kept, and nothing is asked
    const said = Number(draft.rowPitchMm.replace(',', '.'))
    const rowPitchMm = counts.length > 1 ? positive('rowPitchMm') : said > 0 ? said : pitchMm
    return { kind: 'rows', rowCounts: counts, pitchMm, rowPitchMm, ...(offsets && { rowOffsetsMm: offsets }) }
  }
  const radii = numbers(draft.radii)
  const startDeg = Number(draft.startDeg)
  if (!radii) problems.radii = { kind: 'not-numbers' }
  if (!Number.isFinite(startDeg)) problems.startDeg = { kind: 'not-numbers' }
  return (
    radii && {
      kind: 'rings',
      ringCounts: counts,
      ringRadiiMm: radii,
      startDeg: Number.isFinite(startDeg) ? startDeg : 90,
      clockwise: draft.clockwise,
    }
  )
}

function readIds(draft: HousingDraft, problems: Partial<Record<HousingField, HousingProblem>>): IdStyle {
  switch (draft.ids) {
    case 'letters':
      return {
        kind: 'letters',
        skip: words(draft.idText.toUpperCase()).flatMap((word) => Array.from(word)),
        order: draft.order,
      }
    case 'list':
      return { kind: 'list', list: words(draft.idText), order: draft.order }
    case 'numbers': {
      const start = draft.first.trim() === '' ? 1 : Number(draft.first)
      if (!Number.isInteger(start) || start < 0) problems.first = { kind: 'not-counts' }
      return { kind: 'numbers', start: Number.isInteger(start) ? start : 1, order: draft.order }
    }
  }
}

/** A housing of the shelf as a draft: what is written again is the same housing. */
export function draftHousing(housing: HousingInput): HousingDraft {
  const { arrangement, ids, mark, outline } = housing
  const list = (values: readonly (string | number)[] | undefined) => (values ?? []).join(', ')
  return {
    ...emptyHousing,
    id: housing.id,
    name: housing.name,
    role: housing.role,
    arrangement: arrangement.kind,
    ...(arrangement.kind === 'rows' && {
      counts: list(arrangement.rowCounts),
      pitchMm: String(arrangement.pitchMm),
      rowPitchMm: String(arrangement.rowPitchMm),
      offsets: list(arrangement.rowOffsetsMm),
    }),
    ...(arrangement.kind === 'rings' && {
      counts: list(arrangement.ringCounts),
      radii: list(arrangement.ringRadiiMm),
      startDeg: String(arrangement.startDeg),
      clockwise: arrangement.clockwise,
    }),
    ...(arrangement.kind === 'free' && {
      positions: arrangement.positions
        .map((one) => `${String(one.xMm)} ${String(one.yMm)} ${String(one.row)}`)
        .join('\n'),
    }),
    ids: ids.kind,
    order: ids.order,
    ...(ids.kind === 'numbers' && { first: String(ids.start) }),
    ...(ids.kind === 'letters' && { idText: ids.skip.join(' ') }),
    ...(ids.kind === 'list' && { idText: ids.list.join(' ') }),
    markKind: mark.kind,
    markAt: `${String(mark.at.xMm)}, ${String(mark.at.yMm)}`,
    shape: outline.shape,
    widthMm: String(outline.widthMm),
    heightMm: String(outline.heightMm),
    cornerMm: String(outline.cornerMm),
    keys: (housing.keys ?? [])
      .map(
        (key) =>
          `${key.kind} ${String(key.at.xMm)} ${String(key.at.yMm)} ${String(key.widthMm)} ${String(key.heightMm)}`,
      )
      .join('\n'),
    size: housing.cavitySize ?? '',
    otherSizes: Object.entries(housing.otherSizes ?? {})
      .map(([size, cavities]) => `${size}: ${cavities.join(' ')}`)
      .join('\n'),
    keyings: list(housing.keyings),
    lock: housing.lock ?? '',
    interfaceSeal: housing.interfaceSeal ?? '',
    mates: list(housing.mates),
  }
}
