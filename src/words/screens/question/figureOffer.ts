/** What `FigureOffer` says. */
export const figureOfferWords = {
  aFigureCame: 'A figure came:',
  whatIs: (figure: string) => `What is ${figure}?`,
  itIs: (label: string) => `It is: ${label}`,
  itIsNone: 'None of these',
  esc: 'Esc',
}
