import { groupBy } from '../../base/collections'
import { placeHousing } from '../catalogue/catalogue'
import type { HousingInput } from '../catalogue/types'
import { shortIds } from './expandIds'
import { draftHousing } from './draftHousing'
import { type HousingDraft, noSecondLock } from './housingDraft'

/** A figure as it is written: without the dust of a subtraction. */
const written = (mm: number) => String(Math.round(mm * 1e4) / 1e4 + 0)

/**
 * The other half of a housing, as a draft: its wire face is this one's in a mirror, so that each cavity meets the one of its number;
 * keys become slots, and slots keys. What no mirror can know (lock, seal) is left to its own sheet.
 * @param id the number of the other half
 * @returns undefined for a housing whose cavities cannot be placed
 */
export function mateOf(housing: HousingInput, id: string): HousingDraft | undefined {
  const placed = placeHousing(housing, '')
  if (!placed.ok) return undefined
  const draft = draftHousing(housing)
  // rows from the top, each from the other side
  const rows = [...groupBy(placed.value.cavities, ({ row }) => row)]
    .sort(([a], [b]) => a - b)
    .map(([, cavities]) => [...cavities].sort((a, b) => b.xMm - a.xMm))
  const listed = { ids: 'list', order: 'same-side' } as const
  return {
    ...draft,
    id,
    name: '',
    role: housing.role === 'plug' ? 'receptacle' : 'plug',
    ...(draft.arrangement === 'rows' && {
      ...listed,
      cavities: draft.cavities.map((row, i) => ({
        ...row,
        ids: shortIds((rows[i] ?? []).map((cavity) => cavity.id)),
        ...(row.firstXMm !== undefined && { firstXMm: written(-(rows[i]?.[0]?.xMm ?? 0)) }),
      })),
    }),
    ...(draft.arrangement === 'free' && {
      ...listed,
      cavities: rows.flat().map((cavity) => ({
        id: cavity.id,
        xMm: written(-cavity.xMm),
        yMm: written(cavity.yMm),
        row: String(cavity.row),
        ...(cavity.size !== housing.cavitySize && { size: cavity.size }),
      })),
    }),
    ...(draft.arrangement === 'rings' && {
      startDeg: written((((180 - Number(draft.startDeg)) % 360) + 360) % 360),
      clockwise: !draft.clockwise,
    }),
    markXMm: written(-housing.mark.at.xMm),
    markYMm: written(housing.mark.at.yMm),
    keys: draft.keys.map((key) => ({
      ...key,
      kind: key.kind === 'key' ? 'slot' : 'key',
      xMm: written(-Number(key.xMm)),
    })),
    lock: '',
    secondLock: noSecondLock,
    interfaceSeal: '',
    parts: [],
    mates: [housing.id],
  }
}

/** How two halves meet, cavity by cavity. */
export interface Meeting {
  /** ids whose cavities lie opposite each other */
  readonly meet: readonly string[]
  /** ids of both whose cavities miss each other, by how much */
  readonly miss: readonly { readonly id: string; readonly byMm: number }[]
  /** ids that only one of them has */
  readonly alone: readonly string[]
  /** neither has a key or a slot: nothing keeps them from being put together turned */
  readonly keyless: boolean
}

/** Cavities that are closer than this meet: sheets round to a tenth. */
const MEET_MM = 0.15

/** Looks at two halves that shall go together. Both are seen from their wire faces: one is the other's mirror image. */
export function meetingOf(one: HousingInput, other: HousingInput): Meeting | undefined {
  const [here, there] = [placeHousing(one, ''), placeHousing(other, '')]
  if (!here.ok || !there.ok) return undefined
  const opposite = new Map(there.value.cavities.map((cavity) => [cavity.id, cavity]))
  const meet: string[] = []
  const miss: { id: string; byMm: number }[] = []
  const alone: string[] = []
  for (const { id, xMm, yMm } of here.value.cavities) {
    const cavity = opposite.get(id)
    opposite.delete(id)
    if (!cavity) alone.push(id)
    else {
      const byMm = Math.hypot(cavity.xMm + xMm, cavity.yMm - yMm)
      if (byMm <= MEET_MM) meet.push(id)
      else miss.push({ id, byMm })
    }
  }
  return {
    meet,
    miss,
    alone: [...alone, ...opposite.keys()],
    keyless: (one.keys ?? []).length === 0 && (other.keys ?? []).length === 0,
  }
}
