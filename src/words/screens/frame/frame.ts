/** What `Frame` says. */
export const frameWords = {
  todayAllOpenJobs: 'Today, all open jobs',
  stations: 'Stations',
  places: 'Places',
  callOutWhatIs: 'Call out what is next',
  lightTheme: 'Light theme',
  darkTheme: 'Dark theme',
  menu: 'Stations, find, switches',
  keysOfThisScreen: 'Keys of this screen',
}
