/** What `HandPull` says. */
export const handPullWords = {
  heldKey: 'Pulled by hand, held',
  held: 'By hand: held',
  cameOff: 'By hand: came off',
}
