/** What `StrokeCard` says. */
export const strokeCardWords = {
  theStroke: 'The stroke',
  itIsCrimped: 'It is crimped',
  afterIt: 'Then the looks.',
  redo: 'Redo',
  redoBefore: 'Redo: it went wrong before the stroke',
  fault: 'Fault…',
  reportFault: 'Report a fault',
  stuck: 'Stuck half way?',
  squeezeOn: 'Squeeze on: it lets go at the end.',
  lever: 'Still shut: push the release lever. Never force the handles apart.',
  scrap: 'Opened by its lever: scrap…',
}
