/** What app’s error says. */
export const appErrorWords = {
  thisPageBroke: 'This page broke',
  errorOfPageItself: 'an error of the page itself',
  whatWasWrittenIs: (digest: string) =>
    `What was written is safe in the journal. Try again; if it breaks again, the log knows it as ${digest}.`,
  tryAgain: 'Try again',
}
