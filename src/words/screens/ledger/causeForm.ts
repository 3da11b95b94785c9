/** What `CauseForm` says. */
export const causeFormWords = {
  cause: 'Cause:',
  why: 'Why does it stand out?',
  like: 'die not home; set in again',
  write: 'Write the cause',
  notWritten: 'The cause is not written.',
}
