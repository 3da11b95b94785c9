/** What `KeyDrawer` says. */
export const keyDrawerWords = {
  spaceHeld: 'Space, held',
  ctrlK: 'Ctrl K',
  keysOfThisScreen: 'Keys of this screen',
  closeKeys: 'Close the keys',
  thisSheet: 'This sheet',
  leaveFieldClosePane: 'Leave a field, close a pane',
  scannerOrCalliperTypes:
    'A scanner or calliper types faster than a hand: what it sends goes to the field in focus, or finds a wire. It never ticks anything.',
  singleKeysAreOn: 'Single-letter keys are on…',
  singleKeysAreOff: 'Single-letter keys are off…',
  switchOff: 'Switch them off: only Space, Enter, arrows and Ctrl K stay',
  switchOn: 'Switch them on',
}
