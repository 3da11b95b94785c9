/** What `FacePanel` says. */
export const facePanelWords = {
  magnifiedPartToLeft: 'The magnified part: to the left',
  magnifiedPartToRight: 'The magnified part: to the right',
  magnifiedPartUp: 'The magnified part: up',
  magnifiedPartDown: 'The magnified part: down',
  flipFace: 'Flip the face',
  turnFace: 'Turn the face',
  magnifyFaceRoundNext: 'Magnify the face round the next cavity',
  wireFace: 'WIRE FACE',
  matingFace: 'MATING FACE',
  faceOf: (end: string) => `Face of ${end}`,
  flip: 'flip',
  turn: (some: string) => `turn${some}`,
  signs: 'Signs',
  next: 'next',
}
