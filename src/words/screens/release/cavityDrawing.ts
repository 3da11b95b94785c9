/** What `CavityDrawing` says. */
export const cavityDrawingWords = {
  matingFace: 'mating face',
  wireFace: 'wire face',
}
