import type { Housing } from '../../parts/catalogue/types'
import { cavityPlace } from '../../base/face/place'

/** How the cavities of one housing are found again in another: under the same printed id, at the same place from the mark, or one after the other. */
export const cavityMappings = ['same-id', 'same-place', 'in-order'] as const
export type CavityMapping = (typeof cavityMappings)[number]

type Shell = Pick<Housing, 'cavities' | 'arrangement' | 'mark'>

export interface MappedCavities {
  /** cavity there → cavity here, only where its contact goes in as well */
  readonly map: ReadonlyMap<string, string>
  /** cavities that have no counterpart, or one of another size */
  readonly left: readonly string[]
}

/**
 * The new numbers of wires that move into another housing.
 * @param used cavities that hold a wire, in any order
 */
export function mapCavities(from: Shell, to: Shell, used: readonly string[], how: CavityMapping): MappedCavities {
  const sizes = new Map(from.cavities.map((cavity) => [cavity.id, cavity.size]))
  const wanted = new Set(used)
  const order = from.cavities.filter((cavity) => wanted.has(cavity.id))
  const find = finder(from, to, how)
  const map = new Map<string, string>()
  const left: string[] = []
  for (const [i, cavity] of order.entries()) {
    const found = find(cavity.id, i)
    if (found !== undefined && to.cavities.find((one) => one.id === found)?.size === sizes.get(cavity.id))
      map.set(cavity.id, found)
    else left.push(cavity.id)
  }
  return { map, left }
}

function finder(from: Shell, to: Shell, how: CavityMapping): (cavity: string, index: number) => string | undefined {
  switch (how) {
    case 'same-id': {
      const there = new Set(to.cavities.map((cavity) => cavity.id))
      return (cavity) => (there.has(cavity) ? cavity : undefined)
    }
    case 'same-place': {
      const places = new Map(to.cavities.map((cavity) => [placeKey(to, cavity.id), cavity.id]))
      return (cavity) => places.get(placeKey(from, cavity))
    }
    case 'in-order':
      return (_cavity, index) => to.cavities[index]?.id
  }
}

/** Row and count, or ring and count, from the mark, seen from the wire face. */
function placeKey(shell: Shell, id: string): string {
  const cavity = shell.cavities.find((one) => one.id === id)
  if (!cavity) return ''
  const place = cavityPlace(cavity, shell.cavities, shell.arrangement.kind, shell.mark)
  return place.kind === 'row'
    ? `row ${place.row} ${place.count}`
    : place.kind === 'ring'
      ? `ring ${place.ring} ${place.count}`
      : 'centre'
}
