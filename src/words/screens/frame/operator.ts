/** What `Operator` says. */
export const operatorWords = {
  urnOperatorPathMax: (encodeURIComponent: string) =>
    `urn-operator=${encodeURIComponent}; path=/; max-age=31536000; samesite=strict`,
  whoIsAtThis: 'Who is at this bench',
  whoAreYou: 'Who are you?',
}
