/** What `MeetQuestion` says. */
export const meetQuestionWords = {
  ask: (a: string, b: string) => `${a} and ${b} fit each other: will they meet?`,
  yes: 'They meet',
  no: 'They do not',
}
