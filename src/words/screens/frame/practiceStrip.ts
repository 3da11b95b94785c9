/** What `PracticeStrip` says. */
export const practiceStripWords = {
  practice: 'Practice workshop',
  apart: 'Made-up parts and jobs, kept apart from yours. Nothing here is a record.',
  switchOn: 'Practice is on',
}
