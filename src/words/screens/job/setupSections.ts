/** What job’s setupSections says. */
export const setupSectionsWords = {
  inHand: (setup: string) => `In hand: ${setup}`,
  first: (setup: string) => `First: ${setup}`,
  then: (setup: string) => `Then ${setup}`,
  thenChange: (changes: string) => `Then ${changes}`,
  done: (setup: string) => `Done: ${setup}`,
  left: (left: number) => `${String(left)} left`,
  inPlace: (side: string, colour: string, inPlace: boolean) => `${side} · ${colour}${inPlace ? ' · in place' : ''}`,
}
