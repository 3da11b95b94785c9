/** What `StrokePanel` says. */
export const strokePanelWords = {
  stroke: 'The stroke',
  pictures: 'The stroke in pictures',
  made: (contact: string, tool: string) => `${contact} in ${tool}, jaws cut open`,
  fromSide: 'FROM THE SIDE',
  toScale: 'TO SCALE',
  notToScale: 'PROPORTIONS ONLY',
}
