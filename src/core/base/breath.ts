/** Lets others have their turn in the middle of long work: undefined while there is no need. */
export type Breath = () => Promise<void> | undefined

/** For work that holds up nobody. */
export const noBreath: Breath = () => undefined
