/** What `FigureField` says. */
export const figureFieldWords = {
  readBy: 'read by',
}
