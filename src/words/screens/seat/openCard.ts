/** What `OpenCard` says. */
export const openCardWords = {
  opened: (name: string) => `✓ ${name}: open for the contacts`,
  done: 'It is open',
  doesNotMove: 'It does not move…',
  moves: 'It moves after all',
  neverForce: 'Never force it',
  stuck: [
    'Is the tool under it, and under nothing else? A seal or a mat tears unseen.',
    'Does it stand at a part-way stop already? Then it wants a short way back first.',
    'Does one end stand higher? Level it, then both by turns.',
    'Dirt in its slot: blow it out, no oil.',
  ],
  lockOrHousing: 'Lock or housing is broken',
  thenBroken: 'Still fast: leave it. What is forced here breaks: a new lock or housing is quicker.',
  tears: 'What tears',
  toItsStop: 'To its stop',
  with: 'With',
  howItOpens: (name: string) => `How the ${name} opens`,
  sheet: (document: string, revision: string | undefined) =>
    revision === undefined ? `${document}.` : `${document}, rev ${revision}.`,
}
