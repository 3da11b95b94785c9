/** What `CameKit` says. */
export const cameKitWords = {
  title: 'This termination',
  stays: '✓ It came crimped and stays: no tool, no seal and no setup is asked for it.',
  unknown: 'Came crimped, contact not said',
  which: (end: string) => `Contacts of ${end} came as`,
  notSaid: 'not said yet',
  contact: (id: string, name: string, plating: string) => `${id}, ${name}, ${plating}`,
  itCameWith: 'It came with these',
  why: 'Asked once an end. It says how often a contact may go in again, and where else it goes; until then, cavities of the same family and size count.',
}
