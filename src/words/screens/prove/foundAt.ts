/** What `FoundAt` says. */
export const foundAtWords = {
  whatWasSeen: 'Seen, once it was looked at',
  itIsAt: (end: string, cavity: string) => `It is at ${end}.${cavity}`,
  whatIsItAt: (end: string, cavity: string, wire: string) => `${wire} at ${end}.${cavity}:`,
  'not-home': 'Not home: take it out, seat it again',
  crimp: 'Its crimp: cut it off, make it again',
  wire: 'The wire is broken: replace it',
  leadsBack: 'Seat leads it out, Prep and Crimp make it again. What was measured stays in the record.',
}
