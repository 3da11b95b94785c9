import { type CrimpPair, type ShownPiece, crimpClass, isCovered } from '../../craft/setup/crimpPair'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setKey } from '../plan/keys'
import type { Termination } from '../plan/plan'
import { rulesOf } from '../rules/rulesOf'
import type { FirstPiece, SetupState } from '../state/records'
import type { JobState } from '../state/state'
import { heightDrift } from './heightWatch'
import { pairOf } from './pairOf'

/** Is this setup on its frame, as last mounted? */
export const isMounted = (state: JobState, id: string): boolean => {
  const setup = state.setups.get(id)
  return setup !== undefined && state.tools.get(setup.setup.tool)?.setup === id
}

/** Places of a setup's pieces that count: since it was last mounted, put in question or began to drift, and without one that failed after them. */
export function countedPieces(state: JobState, id: string): { readonly from: number; readonly upTo: number } {
  const setup = state.setups.get(id)
  // what another mounting showed says nothing of the next
  if (!setup || !isMounted(state, id)) return { from: 0, upTo: 0 }
  const { pieces, piecesFrom, mounted } = setup
  const drift = heightDrift(state, id)
  const spent = pieces.findLastIndex(
    (piece) => !piece.good || piece.mounted !== mounted || (drift !== undefined && piece.at <= drift.reading.at),
  )
  return { from: Math.max(piecesFrom, spent + 1), upTo: pieces.length }
}

/** A good piece, as a release takes it; one that is like nothing in the plan stands for nothing. */
const shownBy = ({ contact, like, heightMm, pullN }: FirstPiece): readonly ShownPiece[] =>
  like
    ? [
        {
          contact,
          conductor: like.conductor,
          insulationMm: like.insulationMm,
          ...(heightMm !== undefined && { heightMm }),
          ...(pullN !== undefined && { pullN }),
        },
      ]
    : []

const shownIn = (
  state: JobState,
  setup: SetupState | undefined,
  range: { readonly from: number; readonly upTo: number },
) =>
  setup?.pieces
    .slice(range.from, range.upTo)
    .filter((piece) => suffices(state, piece))
    .flatMap(shownBy) ?? []

/** Did a piece show what the house rules of now ask? They may have been others when it was made. */
function suffices(state: JobState, { pullN, heightMm, like }: FirstPiece): boolean {
  const { releasePull, releaseHeight } = rulesOf(state)
  if (pullN === undefined && releasePull === 'figure') return false
  const window = like && state.sets.get(setKey(like.wire, like.side))?.height
  return heightMm !== undefined || window === undefined || releaseHeight === 'not-asked'
}

/** What good pieces of a setup have shown that counts now, released or not. */
export const shownPieces = (state: JobState, id: string): readonly ShownPiece[] =>
  shownIn(state, state.setups.get(id), countedPieces(state, id))

/** Does a release of a setup hold now, for whatever it covers? It is mounted, was released since, and its heights do not drift. */
export const hasRelease = (state: JobState, id: string): boolean =>
  state.setups.get(id)?.released !== undefined && isMounted(state, id) && !heightDrift(state, id)

/** What a setup is released for now. */
export function releasedFor(state: JobState, id: string): (pair: CrimpPair) => boolean {
  const setup = state.setups.get(id)
  const release = setup?.released
  if (!release || !hasRelease(state, id)) return () => false
  const shown = shownIn(state, setup, release)
  const enough = rulesOf(state).firstPieces
  return (pair) => isCovered(pair, shown, enough)
}

/** Is the setup released for this termination? */
export const isReleased = (
  state: JobState,
  id: string,
  termination: Pick<Termination, 'wire' | 'also'>,
  set: ChosenSet,
): boolean => releasedFor(state, id)(pairOf(state.facts, termination, set))

/** Crimp classes that pieces stood for. */
export const classesOf = (pieces: readonly FirstPiece[]): readonly string[] => [
  ...new Set(pieces.flatMap(({ contact, like }) => (like ? [crimpClass({ contact, conductor: like.conductor })] : []))),
]

/** The last piece of a setup's mounting, where it was not good and nothing was set otherwise since: its cause is open. */
export function pieceInQuestion(state: Pick<JobState, 'setups'>, id: string): FirstPiece | undefined {
  const setup = state.setups.get(id)
  const last = setup?.pieces.at(-1)
  if (!setup || !last || last.good || last.mounted !== setup.mounted) return undefined
  const { ended } = setup
  return ended && ended.why !== 'piece-failed' && ended.at >= last.at ? undefined : last
}
