import { list, plural } from '@/words/figures'

/** What `PieceCovers` says. */
export const pieceCoversWords = {
  pieces: 'First pieces of this setup',
  /** `like` what it is made, what is released with it; one that only adds to another is said to */
  like: (term: string, covered: readonly string[], isThis: boolean) =>
    `${isThis ? 'This one' : 'One'} like ${term}: ${
      covered.length === 0
        ? 'the next ones build on it'
        : `covers ${covered.length > 6 ? plural(covered.length, 'crimp') : list(covered, 6)}`
    }.`,
}
