/**
 * Ticks of the items in hand, kept in the browser's tab: they survive a reload, crossing to another station, and coming back.
 * They hold for the piece as it was when they were made, and for no other.
 */
const KEY = 'urn-ticks'
/** Items whose ticks are kept; beyond, the oldest go. */
const ITEMS_KEPT = 60

interface Kept {
  /** what the piece was like */
  readonly piece: string
  readonly ticked: readonly string[]
}

export const NO_TICKS: readonly string[] = []

let items: ReadonlyMap<string, Kept> | undefined
const listeners = new Set<() => void>()

const isKept = (said: unknown): said is Kept =>
  typeof said === 'object' &&
  said !== null &&
  'piece' in said &&
  typeof said.piece === 'string' &&
  'ticked' in said &&
  Array.isArray(said.ticked) &&
  said.ticked.every((one) => typeof one === 'string')

function read(): ReadonlyMap<string, Kept> {
  if (items) return items
  try {
    const said: unknown = JSON.parse(sessionStorage.getItem(KEY) ?? '[]')
    items = new Map(
      (Array.isArray(said) ? (said as unknown[]) : []).flatMap((one): [string, Kept][] =>
        Array.isArray(one) && typeof one[0] === 'string' && isKept(one[1]) ? [[one[0], one[1]]] : [],
      ),
    )
  } catch {
    // a browser that keeps nothing keeps them until the page goes
    items = new Map()
  }
  return items
}

/** What is ticked of an item, if it is still the piece that it was. */
export function ticksOf(item: string, piece: string): readonly string[] {
  const kept = read().get(item)
  return kept?.piece === piece ? kept.ticked : NO_TICKS
}

/** Keeps what is ticked of an item; nothing ticked is forgotten. */
export function keepTicks(item: string, piece: string, ticked: readonly string[]): void {
  const next = new Map(read())
  next.delete(item)
  if (ticked.length > 0) next.set(item, { piece, ticked })
  for (const oldest of next.keys()) {
    if (next.size <= ITEMS_KEPT) break
    next.delete(oldest)
  }
  items = next
  try {
    sessionStorage.setItem(KEY, JSON.stringify([...next]))
  } catch {
    // it is kept until the page goes
  }
  for (const listener of listeners) listener()
}

export function onTicks(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}
