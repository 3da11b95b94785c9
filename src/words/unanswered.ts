/** Nobody is named at this bench, and an entry needs a name. */
export const WHO_IS_HERE = 'Say first who is at this bench: pick your name at the top right.'

/** The bench could not be reached; what that means for what was asked. */
export const unanswered = (so = 'Nothing was changed.'): string => `The bench does not answer. ${so}`

/** There is no room for what was to be written. */
export const DISK_FULL =
  'The disk of the bench is full: this was not written, and nothing else was lost. Make room; then it goes on.'

/** What a form says when it cannot be checked: its schema did not come. */
export const formUnanswered = unanswered('What you typed is kept: try again.')

/** Somebody has taken the job away, or its data folder is another one. */
export const JOB_GONE = 'This job is not there any more.'

/** The shelf could not be reached. */
export const SHELF_UNANSWERED = 'The shelf does not answer: load the page again.'

/** A part of the screen that is fetched later did not come. */
export const laterWords = {
  failed: 'This part of the screen did not come: the bench does not answer. Nothing is lost.',
  again: 'Fetch it again',
}
