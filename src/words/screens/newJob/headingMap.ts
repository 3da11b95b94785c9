/** What `HeadingMap` says. */
export const headingMapWords = {
  headings: 'Headings of your own',
  notKnown: (count: number) => (count === 1 ? 'One heading is not known.' : `${String(count)} headings are not known.`),
  whatTheyMean: 'Say what each is; the bench remembers it.',
  guessed: '· guessed',
  notRead: 'not read',
}
