/** What `CauseForm` says. */
export const causeFormWords = {
  cause: 'Cause:',
  why: 'Why does it stand out?',
  like: 'a strand across the anvil; die cleaned',
  write: 'Write the cause',
  notWritten: 'The cause is not written.',
}
