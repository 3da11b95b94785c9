import type { SetupState } from '../../state/records'
import type { Draft } from '../entryKind'

/** The release does not hold any more: pieces that come after count for the next. */
export function endRelease(draft: Draft, id: string, ended: NonNullable<SetupState['ended']>): void {
  const now = draft.state.setups.get(id)
  if (!now) return
  const { released: _released, ...rest } = now
  draft.put('setups', id, { ...rest, ended, piecesFrom: now.pieces.length })
}
