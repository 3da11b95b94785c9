let leaving = false

/** On the way to another page: what stands here is not meant any more. A page has one router, and so this is one for all. */
export const isLeaving = (): boolean => leaving

export function setLeaving(now: boolean): void {
  leaving = now
}
