/** What papers’s pinoutSheet says. */
export const pinoutSheetWords = {
  pinoutDrawing: 'pinout drawing',
  made: (rev: string, stamp: string) => `Pinout drawing, rev ${rev}. Made ${stamp}.`,
  faces: { wire: 'WIRE FACE', mating: 'MATING FACE' },
  end: (id: string, housing: string, keying: string | undefined) =>
    `${id}: ${housing}${keying === undefined ? '' : `, keying ${keying}`}`,
  columns: ['cavity', 'wire', 'type', 'colour', 'length', 'goes to'],
}
