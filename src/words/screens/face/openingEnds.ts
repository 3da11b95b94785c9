/** What `OpeningEnds` says. */
export const openingEndsWords = {
  described: (mark: string, opensAt: 'mark' | 'far') =>
    opensAt === 'mark'
      ? `1: the end at the ${mark} is opened first, then 2, the other one`
      : `1: the end away from the ${mark} is opened first, then 2, the one at it`,
}
