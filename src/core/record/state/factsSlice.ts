import type { Facts } from '../plan/facts'
import type { Slice } from './slice'

type FactList = keyof Facts

/** The key of a pinned fact: `contacts/CS-2`. */
export const factKey = (list: string, id: string): string => `${list}/${id}`

function listAndId(key: string): readonly [FactList, string] {
  const slash = key.indexOf('/')
  return [key.slice(0, slash) as FactList, key.slice(slash + 1)]
}

/** Pinned facts, each under its list and id, so that each can be taken back by itself. */
export const factsSlice = (empty: Facts): Slice<Facts> => ({
  empty: () => empty,
  copy: (facts) => facts,
  read: (facts, key) => {
    const [list, id] = listAndId(key)
    const items = facts[list]
    return items && Object.hasOwn(items, id) ? items[id] : undefined
  },
  write: (facts, key, to) => {
    const [list, id] = listAndId(key)
    const { [id]: _was, ...others } = facts[list] ?? {}
    const items = to === undefined ? others : { ...others, [id]: to }
    const { [list]: _list, ...rest } = facts
    // a list that no job began with is gone when nothing is in it
    return (Object.keys(items).length === 0 && empty[list] === undefined ? rest : { ...facts, [list]: items }) as Facts
  },
})
