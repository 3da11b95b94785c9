import { housingOf } from '../../plan/facts'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** the order in which an end is filled, where a hand wants it otherwise; none: as computed */
export const seatOrderSetShape = ({ key, z }: EntryFields) => ({ end: key, cavities: z.array(key).max(2000) })

export const seatOrderSet: EntryKind<'seat-order-set'> = {
  kind: 'seat-order-set',
  atDesk: true,
  subjects: ({ end }) => ({ writes: [subject.seatOrder(end)], reads: [subject.end(end)] }),
  refuse: (state, { end, cavities }) => {
    const housing = housingOf(state.facts, state.plan, end)
    if (!housing) return { kind: 'unknown', what: 'end', id: end }
    const stranger = cavities.find(
      (cavity, i) => cavities.indexOf(cavity) !== i || !housing.cavities.some((one) => one.id === cavity),
    )
    return stranger === undefined ? undefined : { kind: 'unknown', what: 'cavity', id: `${end}.${stranger}` }
  },
  apply: (draft, { end, cavities }) => draft.put('seatOrders', end, cavities.length === 0 ? undefined : cavities),
  about: ({ end, cavities }) =>
    cavities.length === 0
      ? `${end} as computed`
      : `${end}: ${cavities.slice(0, 6).join(' ')}${cavities.length > 6 ? ' …' : ''}`,
}
