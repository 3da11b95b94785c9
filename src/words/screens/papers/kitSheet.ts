/** What papers’s kitSheet says. */
export const kitSheetWords = {
  kitList: 'kit list',
  units: (quantity: number) => `${String(quantity)} units. `,
  kitListRevHouse: (rev: string, units: string, rules: string, stamp: string, seq: number) =>
    `Kit list, rev ${rev}. ${units}House rules: ${rules}. Made ${stamp}, after entry ${String(seq)}.`,
  parts: 'Parts',
  toBring: 'To bring to the bench',
  setupsInOrderIn: 'Setups, in the order in which they change least',
  frameDieOrPositioner: 'frame, die or positioner, selector, notch',
}
