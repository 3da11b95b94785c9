/** What `CavityMark` says. */
export const cavityMarkWords = {
  next: (id: string, words: string, isNext: boolean) => `${id}: ${words}${isNext ? ', next' : ''}`,
}
