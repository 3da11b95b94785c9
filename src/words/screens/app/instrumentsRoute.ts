/** What [[...path]]’s route says. */
export const instrumentsRouteWords = {
  onlyGetHere: 'Only GET here.',
  thereIsNoInstrument: (id: string) => `There is no instrument ${id}.`,
  thatIsMoreThan: 'That is more than an instrument is told.',
  suchAct: 'such act',
  thereIsNo: (act: string) => `There is no ${act}.`,
  pieceIsNotDescribed: 'The piece is not described as a crimp.',
}
