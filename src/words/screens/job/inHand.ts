import type { SetupRelease } from '@/core/record/state/records'
import { newtons, newtonsApart, plural } from '@/words/figures'

/** What `InHand` says. */
export const inHandWords = {
  inHand: 'In hand',
  inHandMark: 'IN HAND',
  nothingMountedYet: 'nothing mounted yet',
  releasedByFirstPiece: 'released by first piece',
  firstPiece: 'first piece',
  notReleased: 'not released',
  /** when, by what, and whether crimps of it still wait for a piece of their own */
  release: (time: string, { pullN, minimumN }: SetupRelease, waits: number) =>
    [
      time,
      pullN === undefined
        ? 'held by hand'
        : minimumN === undefined
          ? newtons(pullN)
          : newtonsApart(pullN, minimumN).join(' ≥ '),
      ...(waits > 0 ? [`${plural(waits, 'kind of crimp', 'kinds of crimp')} not yet`] : []),
    ].join(' · '),
  left: 'left',
}
