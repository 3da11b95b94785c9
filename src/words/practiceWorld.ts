/** What the server says of the practice workshop. */
export const practiceWorldWords = {
  onlyWithStart: 'The practice workshop opens only from a bench that was started with npm start.',
  didNotStart: (said: string) =>
    `The practice workshop could not be opened${said.trim() === '' ? '.' : `: ${said.trim()}`} Your own data is as it was.`,
}
