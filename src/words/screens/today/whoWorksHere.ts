/** What `WhoWorksHere` says. */
export const whoWorksHereWords = {
  title: 'Who works here?',
  why: 'Every entry of a record names somebody. Say who you are; others can be added later.',
  name: 'Your name',
  role: 'What you do',
  workHere: 'I work here',
  sayName: 'Say a name first.',
  tooLong: 'The name is longer than 60 characters: shorten it.',
  isHere: (name: string) => `${name} works here already.`,
  notAdded: 'What you typed is kept: try again.',
  roles: { technician: 'technician', lead: 'lead', inspector: 'inspector' },
}
