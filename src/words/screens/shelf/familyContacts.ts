/** What `ContactsStep` says. */
export const familyContactsWords = {
  drawn: 'The contact in hand',
  fromTheSide: 'FROM THE SIDE',
  noneInHand: 'Type one beside, or paste the sheet’s rows below',
  sheets: 'Sheets of contacts',
  thisOne: 'This one',
  newOne: { contacts: 'New contact', terminals: 'New terminal', pulls: 'New pull minimum' },
  noNumberYet: 'No number yet',
  whatItIs: 'What it is',
  wire: 'Wire',
  barrel: 'Barrel',
  outside: 'Outside',
  carries: 'Carries and lasts',
  stud: 'Stud, blade or bullet',
  pull: 'Holds at least, by its own sheet',
}
