/**
 * Ticks and figures of the items in hand that are not written yet, kept in the browser's tab: they survive a reload, crossing to
 * another station, and coming back. They hold for the piece as it was when they were made, and for no other.
 */
const KEY = 'urn-in-hand-1'
/** Items of which something is kept; beyond, the oldest go. */
const ITEMS_KEPT = 60

interface Kept {
  /** what the piece was like */
  readonly piece: string
  readonly ticked: readonly string[]
  /** what is typed into its card, as the card keeps it; the key of the store changes with what cards keep */
  readonly form?: object
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
  said.ticked.every((one) => typeof one === 'string') &&
  (!('form' in said) || (typeof said.form === 'object' && said.form !== null))

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

const nothing: Omit<Kept, 'piece'> = { ticked: NO_TICKS }

/** What is kept of an item, if it is still the piece that it was. */
function keptOf(item: string, piece: string): Omit<Kept, 'piece'> {
  const kept = read().get(item)
  return kept?.piece === piece ? kept : nothing
}

/** Keeps something of an item; an item of which nothing is kept is forgotten. */
function keep(item: string, kept: Kept): void {
  const next = new Map(read())
  next.delete(item)
  if (kept.ticked.length > 0 || kept.form) next.set(item, kept)
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

/** What is ticked of an item, if it is still the piece that it was. */
export const ticksOf = (item: string, piece: string): readonly string[] => keptOf(item, piece).ticked

/** Keeps what is ticked of an item. */
export const keepTicks = (item: string, piece: string, ticked: readonly string[]): void =>
  keep(item, { ...keptOf(item, piece), piece, ticked })

/** What is typed into the card of an item, if it is still the piece that it was. */
export const formOf = (item: string, piece: string): object | undefined => keptOf(item, piece).form

/** Keeps what is typed into the card of an item; undefined when there is nothing any more. */
export function keepForm(item: string, piece: string, form: object | undefined): void {
  const { ticked } = keptOf(item, piece)
  keep(item, { piece, ticked, ...(form && { form }) })
}

export function onKept(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}
