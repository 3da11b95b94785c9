/** What `ReleasePlayer` says. */
export const releasePlayerWords = {
  howItLetsGo: 'How it lets go',
  cutOpenFromSide: 'CUT OPEN, FROM THE SIDE',
  contactIsOut: 'The contact is out',
}
