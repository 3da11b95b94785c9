import { isLeaving } from './leaving'

/** Writes of the address that are under way: nuqs makes them a moment after they were asked for. */
const underWay = new Set<Promise<unknown>>()

/**
 * Writes into the address of this page, and remembers that until it is made or given up. On the way to another page nothing is
 * written: the answer to an entry that was sent a moment before may ask for it.
 */
export function writeAddress(write: () => Promise<unknown>): void {
  if (isLeaving()) return
  const made = write()
  underWay.add(made)
  const ended = () => void underWay.delete(made)
  made.then(ended, ended)
}

/**
 * Does something once no write of the address is under way; at once when there is none.
 * A write that came while the router is on its way to another page would call the router back, and the page would never come.
 */
export function afterAddressWrites(then: () => void): void {
  if (underWay.size === 0) then()
  else void Promise.allSettled(underWay).then(() => afterAddressWrites(then))
}
