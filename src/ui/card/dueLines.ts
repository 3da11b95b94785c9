/** Lines that are answered with one press. */
export interface AtOnce {
  /** what the button says */
  readonly says: string
  /** the record will say so; else they are what hands do, and each stays a line that is due */
  readonly recorded: boolean
  /** these lines; all of them when left out */
  readonly of?: readonly string[]
  /** what the button says where that press does the card's main action too: nothing else is open then */
  readonly andMain?: string | undefined
}

/** What the next press of a card's button answers. */
export type DueLines =
  /** nothing is open: the card's main action */
  | { readonly kind: 'main' }
  | { readonly kind: 'line'; readonly open: readonly [string] }
  /** several at once: what hands do, or looks beside their pictures; `endsAll`: and the main action with them */
  | {
      readonly kind: 'hands' | 'looks'
      readonly open: readonly string[]
      readonly says: string
      readonly endsAll: boolean
    }

/**
 * What is due among the lines of a card: the first open one, or all that are open of the group that it belongs to. The last one of
 * a group is a line like any other, so that nothing is said to be answered at once which was not.
 */
export function dueLines(ids: readonly string[], ticked: ReadonlySet<string>, atOnce: AtOnce | undefined): DueLines {
  const first = ids.find((id) => !ticked.has(id))
  if (first === undefined) return { kind: 'main' }
  const group = atOnce ? (atOnce.of ?? ids) : []
  const open = group.filter((id) => !ticked.has(id))
  if (!atOnce || open.length < 2 || !open.includes(first)) return { kind: 'line', open: [first] }
  const endsAll = atOnce.andMain !== undefined && ids.every((id) => ticked.has(id) || group.includes(id))
  return {
    kind: atOnce.recorded ? 'looks' : 'hands',
    open,
    says: endsAll ? (atOnce.andMain ?? atOnce.says) : atOnce.says,
    endsAll,
  }
}
