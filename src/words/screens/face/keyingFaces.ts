/** What `KeyingFaces` says. */
export const keyingFacesWords = {
  whichOne: 'Which one is in your hand?',
  seenFrom: (side: 'wire' | 'mating') =>
    side === 'wire'
      ? 'Seen from the wires; keys are solid, slots are open.'
      : 'Seen from the mating face; keys are solid, slots are open.',
}
