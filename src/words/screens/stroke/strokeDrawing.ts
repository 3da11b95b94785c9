/** What `StrokeDrawing` says. */
export const strokeDrawingWords = {
  fromWire: 'from the wire',
  stop: 'stop',
  positioner: 'positioner',
  locator: 'locator',
}
