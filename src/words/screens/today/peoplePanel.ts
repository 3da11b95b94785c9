/** What `PeoplePanel` says. */
export const peoplePanelWords = {
  title: 'Who works here',
  add: 'Add somebody',
  name: 'Name',
  role: 'Role',
  rename: (name: string) => `Rename ${name}`,
  save: 'Save the name',
  keep: 'Leave it',
  putAway: (name: string) => `Put ${name} away`,
  bringBack: 'Bring back',
  bringBackName: (name: string) => `Bring ${name} back`,
  away: 'put away',
  notChanged: 'What you typed is kept: try again.',
}
