/** What job’s setupSections says. */
export const setupSectionsWords = {
  inHand: (setup: string) => `In hand: ${setup}`,
  first: (setup: string) => `First: ${setup}`,
  then: (setup: string) => `Then ${setup}`,
  thenChange: (changes: string) => `Then ${changes}`,
  done: (setup: string) => `Done: ${setup}`,
  left: (left: number) => `${String(left)} left`,
  /** what a row waits for: a first piece that is made like another one, or like itself */
  waitsForPiece: (side: string, piece: string, itself: boolean) =>
    itself ? `${side} · first piece` : `${side} · piece ${piece}`,
  inPlace: (side: string, colour: string, inPlace: boolean) => `${side} · ${colour}${inPlace ? ' · in place' : ''}`,
}
