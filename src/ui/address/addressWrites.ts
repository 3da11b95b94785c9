/** Writes of the address that are under way: nuqs makes them a moment after they were asked for. */
const underWay = new Set<Promise<unknown>>()

/** Remembers a write of the address until it is made or given up. */
export function noteAddressWrite(write: Promise<unknown>): void {
  underWay.add(write)
  const ended = () => void underWay.delete(write)
  write.then(ended, ended)
}

/**
 * Does something once no write of the address is under way; at once when there is none.
 * A write that came while the router is on its way to another page would call the router back, and the page would never come.
 */
export function afterAddressWrites(then: () => void): void {
  if (underWay.size === 0) then()
  else void Promise.allSettled(underWay).then(() => afterAddressWrites(then))
}
