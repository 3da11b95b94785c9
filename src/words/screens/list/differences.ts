/** What `Differences` says. */
export const differencesWords = {
  andMore: (more: number) => `and ${String(more)} more`,
}
