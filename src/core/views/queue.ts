import { crimpClass, pairKey } from '../craft/setup/crimpPair'
import { pairOf } from '../record/standing/pairOf'
import { hasRelease, isMounted } from '../record/standing/released'
import { type ReleaseStanding, type ReleaseWait, releaseStanding } from '../record/standing/releaseStanding'
import { type JobState, termState } from '../record/state/state'
import { type Setup, orderSetups, setupId } from '../craft/setup/setup'
import { type Termination, planIndex } from '../record/plan/plan'
import type { ChosenSet } from '../craft/setup/chosenSet'
import { derivedOf } from '../record/state/derivedOf'
import { ofAllBlocks, sidesOfBlock, wireBlocks } from '../record/state/wireBlocks'
import { setKey } from '../record/plan/keys'

export type Stage = 'to-strip' | 'stripped' | 'crimped'

export interface QueueItem {
  readonly termination: Termination
  readonly set: ChosenSet
  readonly stage: Stage
  /** what it is in its setting: items of one pair are released together */
  readonly pair: string
  /** its contact on its conductor */
  readonly crimpClass: string
  /** its end is worked where it will lie, after the bench */
  readonly inPlace: boolean
}

/** All terminations of one setup, in the order of the plan. */
export interface QueueGroup {
  readonly id: string
  readonly setup: Setup
  readonly mounted: boolean
  /** it is released for all that is left to crimp */
  readonly released: boolean
  readonly release: ReleaseStanding
  readonly items: readonly QueueItem[]
  readonly left: number
}

/** The setup that was mounted last, if any. */
export function inHand(state: JobState): string | undefined {
  let last: { readonly setup: string; readonly since: number } | undefined
  for (const mounted of state.tools.values()) if (!last || mounted.since > last.since) last = mounted
  return last?.setup
}

const stageOf = (state: JobState, key: string): Stage => {
  const now = termState(state, key)
  return now.crimp ? 'crimped' : now.stripped ? 'stripped' : 'to-strip'
}

/** The terminations of a block of wires that have a set. */
const itemsOfBlock = derivedOf((state, unit: number, block: number): readonly QueueItem[] => {
  const { byKey } = planIndex(state.plan)
  return sidesOfBlock(state, unit, block).flatMap(({ wire, side, key }): QueueItem[] => {
    const termination = byKey.get(key)
    const set = state.sets.get(setKey(wire.id, side))
    if (!termination || !set) return []
    const pair = pairOf(state.facts, termination, set)
    const inPlace = isInPlace(state, termination)
    return [
      { termination, set, stage: stageOf(state, key), pair: pairKey(pair), crimpClass: crimpClass(pair), inPlace },
    ]
  })
})

interface BlockGroup {
  readonly id: string
  readonly setup: Setup
  readonly atBench: QueueItem[]
  readonly inPlace: QueueItem[]
  left: number
}

/** The same by setup, so that an entry groups those of its own block alone. */
const groupsOfBlock = derivedOf((state, unit: number, block: number): readonly Readonly<BlockGroup>[] => {
  const groups = new Map<string, BlockGroup>()
  for (const item of itemsOfBlock(state, unit, block)) {
    const { setup } = item.set
    const id = setupId(setup)
    const group = groups.get(id) ?? { id, setup, atBench: [], inPlace: [], left: 0 }
    groups.set(id, group)
    ;(item.inPlace ? group.inPlace : group.atBench).push(item)
    if (item.stage !== 'crimped') group.left++
  }
  return [...groups.values()]
})

/**
 * The terminations with a set, by place and then by setup: what is done at the bench before what is done in place; first
 * what is in hand, then always the setup that is nearest to the one before; groups with nothing left come last.
 */
export const setupQueue = derivedOf((state): readonly QueueGroup[] => {
  const groups = new Map<string, BlockGroup>()
  for (const part of ofAllBlocks(state, groupsOfBlock)) {
    const group = groups.get(part.id) ?? { id: part.id, setup: part.setup, atBench: [], inPlace: [], left: 0 }
    groups.set(part.id, group)
    for (const item of part.atBench) group.atBench.push(item)
    for (const item of part.inPlace) group.inPlace.push(item)
    group.left += part.left
  }
  const hand = inHand(state)
  const handSetup = hand === undefined ? undefined : state.setups.get(hand)?.setup
  const all = [...groups.values()].map(({ id, setup, atBench, inPlace, left }): QueueGroup => {
    const release = releaseStanding(state, id)
    return {
      id,
      setup,
      items: inPlace.length === 0 ? atBench : [...atBench, ...inPlace],
      mounted: isMounted(state, id),
      released: hasRelease(state, id) && release.waits.size === 0,
      release,
      left,
    }
  })
  const open = all.filter((group) => group.left > 0)
  const atBench = open.filter((group) => group.items.some((item) => !item.inPlace && item.stage !== 'crimped'))
  const first = orderSetups(
    atBench.map((group) => group.setup),
    handSetup,
  )
  const then = orderSetups(
    open.filter((group) => !atBench.includes(group)).map((group) => group.setup),
    first.at(-1) ?? handSetup,
  )
  const order = [...first, ...then].map(setupId)
  return [
    ...order.flatMap((id) => open.find((group) => group.id === id) ?? []),
    ...all.filter((group) => group.left === 0).sort((a, b) => (a.id < b.id ? -1 : 1)),
  ]
})

/** What an item waits for before it may be crimped; undefined where its setup is released for it. */
export const releaseWait = (group: QueueGroup, item: QueueItem): ReleaseWait | undefined =>
  group.release.waits.get(item.pair)

/** Is the end of a termination worked in place? What lies in no housing is done at the bench. */
export const isInPlace = ({ plan }: Pick<JobState, 'plan'>, { at }: Pick<Termination, 'at'>): boolean =>
  at.kind === 'cavity' && planIndex(plan).ends.get(at.end)?.inPlace === true

/** Terminations that are still to be made and for which Kit has found nothing yet. */
export const withoutSet = derivedOf((state): readonly Termination[] =>
  wireBlocks(state).flatMap((block) => withoutSetOfBlock(state, block)),
)

const withoutSetOfBlock = derivedOf((state, block: number): readonly Termination[] => {
  const { byKey } = planIndex(state.plan)
  return sidesOfBlock(state, 1, block).flatMap(({ wire, side, key }) => {
    const termination = byKey.get(key)
    return termination && !state.sets.has(setKey(wire.id, side)) && !termState(state, key).crimp ? [termination] : []
  })
})

/** A termination of the queue, with its setup. */
export function inQueue(
  groups: readonly QueueGroup[],
  key: string | undefined,
): { readonly item: QueueItem; readonly group: QueueGroup } | undefined {
  if (key === undefined) return undefined
  for (const group of groups) {
    const item = group.items.find(({ termination }) => termination.key === key)
    if (item) return { item, group }
  }
  return undefined
}
