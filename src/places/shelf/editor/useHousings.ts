import { emptyHousing, type HousingDraft } from '@/core/parts/sheets/housingDraft'
import { mateOf } from '@/core/parts/sheets/housingMate'
import type { EditorHand } from './editorHand'
import { readSoFar } from './housingSoFar'

/** Does one of them name the other as its half? */
const areMates = (one: HousingDraft, other: HousingDraft): boolean => {
  const names = ({ mates }: HousingDraft, { id }: HousingDraft) => id !== '' && mates.includes(id)
  return one !== other && (names(one, other) || names(other, one))
}

/** A housing whose mate has got another number. */
const renamed = (one: HousingDraft, from: string, to: string): HousingDraft =>
  from === '' || from === to || !one.mates.includes(from)
    ? one
    : { ...one, mates: one.mates.map((id) => (id === from ? to : id)) }

/** The housings of a draft: the one in hand, its other half, and what can be done with them. */
export function useHousings({ draft, set }: EditorHand, at: number, setAt: (at: number) => void) {
  const housing = draft.housings[at]
  const mate = housing && draft.housings.find((one) => areMates(one, housing))
  const sizes = draft.sheets.sizes.flatMap((size) => (size.id ?? '').trim() || [])
  // a half without a number can be nobody's mate
  const read = housing && housing.id.trim() !== '' ? readSoFar(housing) : undefined
  const addMate = () => {
    const made = read && mateOf(read, `${read.id}-mate`)
    if (made && housing) put({ ...made, size: housing.size })
  }
  const put = (one: HousingDraft) => {
    setAt(draft.housings.length)
    set({ housings: [...draft.housings, one] })
  }
  return {
    housing,
    mate,
    sizes,
    add: () =>
      put({
        ...(housing ?? emptyHousing),
        id: '',
        name: '',
        mates: [],
        parts: [],
        lock: '',
        interfaceSeal: '',
        size: housing?.size ?? (sizes.length === 1 ? (sizes[0] ?? '') : ''),
      }),
    /** undefined where there is a mate, or no face of a number to mirror */
    addMate: read && !mate ? addMate : undefined,
    change: (change: Partial<HousingDraft>) => {
      if (!housing) return
      const next = { ...housing, ...change }
      set({ housings: draft.housings.map((one, i) => (i === at ? next : renamed(one, housing.id, next.id))) })
    },
    remove: () => {
      setAt(Math.max(0, at - 1))
      set({ housings: draft.housings.filter((_one, i) => i !== at) })
    },
  }
}
