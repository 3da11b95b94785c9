/** What `WhoWorksHere` says. */
export const whoWorksHereWords = {
  title: 'Who works here?',
  why: 'Your name goes on each crimp and under each signed lead. Others can be added, renamed or put away at any time.',
  name: 'Your name',
  role: 'What you do',
  workHere: 'I work here',
  another: 'Add somebody',
  theirName: 'Name',
  theirRole: 'Role',
  theyWorkHere: 'Works here too',
  sayName: 'Say a name first.',
  tooLong: 'The name is longer than 60 characters: shorten it.',
  isHere: (name: string) => `${name} works here already.`,
  isAway: (name: string) => `${name} is put away: bring them back instead.`,
  isGone: 'Nobody has that id any more: load the page again.',
  notAdded: 'What you typed is kept: try again.',
  roles: { technician: 'technician', lead: 'lead', inspector: 'inspector' },
}
