import { type CrimpPair, isCovered, pairKey } from '../../craft/setup/crimpPair'
import { firstPiecePlan, type PiecesShow, type PlannedPiece } from '../../craft/setup/firstPiecePlan'
import { setupId } from '../../craft/setup/setup'
import { setKey } from '../plan/keys'
import { planIndex } from '../plan/plan'
import { rulesOf } from '../rules/rulesOf'
import { derivedOf } from '../state/derivedOf'
import { type JobState, termState } from '../state/state'
import { ofAllBlocks, sidesOfBlock } from '../state/wireBlocks'
import { pairOf } from './pairOf'
import { releasedFor, shownPieces } from './released'

/** A kind of crimp that a setup has before it: what it is, and the first termination of it. */
interface OpenPair {
  readonly pair: CrimpPair
  readonly term: string
}

/** Where a setup stands with its release. */
export interface ReleaseStanding {
  /** what it is released for, of the pairs that are still to be crimped */
  readonly released: readonly CrimpPair[]
  /** what its pieces have shown enough for, released or not */
  readonly shown: readonly CrimpPair[]
  /** first pieces that are still to be made, the one that covers most first, with a termination to make it like */
  readonly pieces: readonly (PlannedPiece & { readonly term: string })[]
  /** what each pair that it is not released for waits for, by the pair's key */
  readonly waits: ReadonlyMap<string, ReleaseWait>
}

/** A pair waits for a first piece like this termination, or only for somebody to release what was shown. */
export type ReleaseWait = { readonly for: 'release' } | { readonly for: 'piece'; readonly term: string }

/** What is asked of the pairs of a setup that are still to be crimped; of all of them, when none is. */
export const releaseStanding = derivedOf((state, id: string): ReleaseStanding => {
  const open = openPairs(state, id)
  const enough = rulesOf(state).firstPieces
  const counted = shownPieces(state, id)
  const isReleased = releasedFor(state, id)
  const pairs = open.map(({ pair }) => pair)
  const released = pairs.filter(isReleased)
  const shown = pairs.filter((pair) => isReleased(pair) || isCovered(pair, counted, enough))
  const termOf = new Map(open.map(({ pair, term }) => [pairKey(pair), term]))
  const pieces = firstPiecePlan(pairs, counted, enough, piecesShow(state)).map((piece) => ({
    ...piece,
    term: termOf.get(pairKey(piece.pair)) ?? '',
  }))
  const waits = new Map<string, ReleaseWait>()
  for (const pair of shown) if (!released.includes(pair)) waits.set(pairKey(pair), { for: 'release' })
  for (const { term, covers } of pieces) for (const pair of covers) waits.set(pairKey(pair), { for: 'piece', term })
  return { released, shown, pieces, waits }
})

/**
 * What test pieces of this job show: a figure where the house rules want one, else where the last piece had one; a height
 * where the rules want it measured.
 */
export const piecesShow = derivedOf((state): PiecesShow => {
  const { releasePull, releaseHeight } = rulesOf(state)
  const last = [...state.setups.values()]
    .flatMap(({ pieces }) => pieces)
    .reduce<{ readonly at: string; readonly pullN?: number } | undefined>(
      (latest, piece) => (latest && latest.at > piece.at ? latest : piece),
      undefined,
    )
  return { force: releasePull === 'figure' || last?.pullN !== undefined, height: releaseHeight === 'measured' }
})

/** The pairs of a setup that are still to be crimped, each with its first termination; all of them, when none is. */
const openPairs = (state: JobState, id: string): readonly OpenPair[] =>
  openTerms(state, id)
    .split('\n')
    .flatMap((term) => {
      const termination = planIndex(state.plan).byKey.get(term)
      const set = termination && state.sets.get(setKey(termination.wire.id, termination.side))
      return termination && set ? [{ term, pair: pairOf(state.facts, termination, set) }] : []
    })

/** Their terminations as one text: what is made of it is made anew only when one of them is another. */
const openTerms = derivedOf((state, id: string): string => openBySetup(state).get(id) ?? '')

const openBySetup = derivedOf((state): ReadonlyMap<string, string> => {
  const setups = new Map<string, Map<string, { readonly term: string; readonly open: boolean }>>()
  for (const { setup, key, term, open } of ofAllBlocks(state, pairsOfBlock)) {
    const pairs = setups.get(setup) ?? new Map<string, { readonly term: string; readonly open: boolean }>()
    const known = pairs.get(key)
    if (!known || (open && !known.open)) pairs.set(key, { term, open })
    setups.set(setup, pairs)
  }
  return new Map(
    [...setups].map(([setup, pairs]) => {
      const all = [...pairs.values()]
      const open = all.filter((one) => one.open)
      return [setup, (open.length > 0 ? open : all).map((one) => one.term).join('\n')]
    }),
  )
})

/** The kinds of crimps of a block of wires, by setup, with the first open termination of each. */
const pairsOfBlock = derivedOf((state, unit: number, block: number) => {
  const { byKey } = planIndex(state.plan)
  const pairs = new Map<
    string,
    { readonly setup: string; readonly key: string; readonly term: string; readonly open: boolean }
  >()
  for (const { wire, side, key: term } of sidesOfBlock(state, unit, block)) {
    const termination = byKey.get(term)
    const set = state.sets.get(setKey(wire.id, side))
    if (!termination || !set) continue
    const setup = setupId(set.setup)
    const key = pairKey(pairOf(state.facts, termination, set))
    const open = !termState(state, term).crimp
    const known = pairs.get(`${setup} ${key}`)
    if (!known || (open && !known.open)) pairs.set(`${setup} ${key}`, { setup, key, term, open })
  }
  return [...pairs.values()]
})
