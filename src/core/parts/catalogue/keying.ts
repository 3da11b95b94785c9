import type { Housing } from './types'

type Keyed = Pick<Housing, 'keys' | 'keyings'>
type Key = NonNullable<Housing['keys']>[number]

/** Keys and slots that a housing has in one of its keyings; without one, those that all of them have. */
export const keysOfKeying = ({ keys = [] }: Keyed, keying: string | undefined): readonly Key[] =>
  keys.filter((key) => key.keyings === undefined || (keying !== undefined && key.keyings.includes(keying)))

/** Can its keyings be told apart by what is drawn? */
export const hasKeyingShapes = ({ keys = [], keyings = [] }: Keyed): boolean =>
  keyings.length > 1 && keys.some((key) => key.keyings !== undefined)

/** Keyings whose keys and slots are the very same as those of another: no eye can tell them apart. */
export function alikeKeyings(housing: Keyed): readonly (readonly string[])[] {
  const by = new Map<string, string[]>()
  for (const keying of housing.keyings ?? []) {
    const shape = JSON.stringify(
      keysOfKeying(housing, keying)
        .map(({ kind, at, widthMm, heightMm }) => [kind, at.xMm, at.yMm, widthMm, heightMm].join(' '))
        .sort(),
    )
    by.set(shape, [...(by.get(shape) ?? []), keying])
  }
  return [...by.values()].filter((group) => group.length > 1)
}
