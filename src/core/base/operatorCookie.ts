/** Which workshop a server shows: one's own, or the made-up one beside it. */
export type World = 'own' | 'practice'

/** The cookie in which a bench keeps its operator. Two ports of one machine share their cookies: each world has its own. */
export const operatorCookie = (world: World): string =>
  world === 'practice' ? 'urn-operator-practice' : 'urn-operator'
