/** What `DayInput` says. */
export const dayInputWords = {
  example: '27 May 2027',
  clear: (label: string) => `Clear: ${label}`,
}
