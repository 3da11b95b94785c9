/** What `Operator` says. */
export const operatorWords = {
  whoIsAtThis: 'Who is at this bench',
  whoAreYou: 'Who are you?',
}
