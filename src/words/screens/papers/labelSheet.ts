/** What papers’s labelSheet says. */
export const labelSheetWords = {
  labelsRevEachEnd: (rev: string, stamp: string) =>
    `Labels, rev ${rev}: each end says its wire and where it goes. Made ${stamp}.`,
  noWiresYet: 'no wires yet',
}
