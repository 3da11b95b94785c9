/** What `InstrumentsLine` says. */
export const instrumentsLineWords = {
  noLink: 'no link',
  inStandInsLies: 'In the stand-ins lies',
  soundPiece: 'a sound piece',
}
