/** What app’s not-found says. */
export const notFoundWords = {
  thereIsNothingAt: 'There is nothing at this address',
  jobMayBeIn: 'The job may be in another data folder, or the address was mistyped.',
  goToToday: 'Go to Today',
}
