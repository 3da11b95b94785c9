/** What `InstrumentsLine` says. */
export const instrumentsLineWords = {
  noLink: 'no link',
  inStandInsLies: 'Piece in the stand-ins',
  soundPiece: 'a sound piece',
}
