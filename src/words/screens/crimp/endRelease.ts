/** What `EndRelease` says. */
export const endReleaseWords = {
  nothingHasChanged: 'Nothing has changed',
  whatHasChangedTo: 'What has changed (1 to 6)',
  whatHasChanged: 'What has changed?',
  changes: 'What has changed',
  setupIsReleasedAgain: 'The setup is released again by a new first piece. A turned adjuster is gauged before.',
}
