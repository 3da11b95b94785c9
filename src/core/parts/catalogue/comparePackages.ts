import { packageLists, itemKinds, type ItemKind } from './packageLists'
import type { CatalogueInput } from './types'

/** One part of a package against the same part of the shelf. */
export interface ItemChange {
  readonly kind: ItemKind
  readonly id: string
  readonly name: string
  readonly change: 'added' | 'changed' | 'same'
  /** what is different, by its path in the document; for changed items only, and at most a few */
  readonly differences: readonly FigureChange[]
  readonly moreDifferences: number
}

export interface FigureChange {
  readonly path: string
  /** undefined is: not there */
  readonly from: unknown
  readonly to: unknown
}

const SHOWN = 12

/** What taking a package in would do, item by item, with what differs. Both must have passed the same schema. */
export function comparePackages(shelf: CatalogueInput, incoming: CatalogueInput): readonly ItemChange[] {
  return itemKinds.flatMap((kind) => {
    const known = new Map<string, unknown>(shelf[packageLists[kind]].map((item) => [item.id, item]))
    return incoming[packageLists[kind]].map((item): ItemChange => {
      const before = known.get(item.id)
      const head = { kind, id: item.id, name: 'name' in item ? item.name : item.id }
      if (before === undefined) return { ...head, change: 'added', differences: [], moreDifferences: 0 }
      const differences = figureChanges(before, item)
      return {
        ...head,
        change: differences.length > 0 ? 'changed' : 'same',
        differences: differences.slice(0, SHOWN),
        moreDifferences: Math.max(0, differences.length - SHOWN),
      }
    })
  })
}

/**
 * Where two documents differ, leaf by leaf. Lists of things with an id are matched by it (and a placard's rows by contact and
 * conductor), so that one that is added in the middle is one difference and not a hundred.
 */
export function figureChanges(from: unknown, to: unknown, path = ''): readonly FigureChange[] {
  if (Object.is(from, to)) return []
  if (Array.isArray(from) && Array.isArray(to)) return listChanges(from, to, path)
  if (isRecord(from) && isRecord(to)) {
    const keys = [...new Set([...Object.keys(from), ...Object.keys(to)])]
    return keys.flatMap((key) => figureChanges(from[key], to[key], path === '' ? key : `${path}.${key}`))
  }
  return [{ path, from, to }]
}

function listChanges(from: readonly unknown[], to: readonly unknown[], path: string): readonly FigureChange[] {
  const names = (list: readonly unknown[]) => list.map(itemName)
  const [before, after] = [names(from), names(to)]
  const named =
    [...before, ...after].every((one) => one !== undefined) &&
    new Set(before).size === before.length &&
    new Set(after).size === after.length
  if (!named) {
    if (from.length !== to.length || from.some((one, i) => isRecord(one) !== isRecord(to[i])))
      return JSON.stringify(from) === JSON.stringify(to) ? [] : [{ path, from, to }]
    return from.flatMap((one, i) => figureChanges(one, to[i], `${path}.${i + 1}`))
  }
  const then = new Map(before.map((one, i) => [one, from[i]]))
  const now = new Map(after.map((one, i) => [one, to[i]]))
  return [...new Set([...before, ...after])].flatMap((one) => {
    const at = `${path}.${one ?? ''}`
    if (!then.has(one)) return [{ path: at, from: undefined, to: now.get(one) }]
    if (!now.has(one)) return [{ path: at, from: then.get(one), to: undefined }]
    return figureChanges(then.get(one), now.get(one), at)
  })
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** The name by which a list's item is known: its id, or a placard row's contact and conductor. */
function itemName(item: unknown): string | undefined {
  if (!isRecord(item)) return undefined
  if (typeof item.id === 'string') return item.id
  const { contact, conductor } = item
  return typeof contact === 'string' && isRecord(conductor)
    ? `${contact} ${String(conductor.minMm2)}-${String(conductor.maxMm2)}`
    : undefined
}
