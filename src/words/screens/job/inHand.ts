/** What `InHand` says. */
export const inHandWords = {
  inHand: 'In hand',
  inHandMark: 'IN HAND',
  nothingMountedYet: 'nothing mounted yet',
  releasedByFirstPiece: 'released by first piece',
  firstPiece: 'first piece',
  notReleased: 'not released',
  left: 'left',
}
