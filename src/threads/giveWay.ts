import { readlinkSync } from 'node:fs'
import { constants, setPriority } from 'node:os'

/** The thread that asks, as Linux names it: `<process>/task/<thread>`. */
const threadOf = (): string => readlinkSync('/proc/thread-self')

/**
 * Lets every other thread go first: what works beside the requests takes the cores that they leave. Where the system names no
 * threads (only Linux does), all go alike.
 * @returns whether it could
 */
export function giveWay(thread = threadOf, set: (id: number, priority: number) => void = setPriority): boolean {
  try {
    const id = Number(/\/task\/(\d+)$/.exec(thread())?.[1])
    if (!Number.isInteger(id)) return false
    set(id, constants.priority.PRIORITY_BELOW_NORMAL)
    return true
  } catch {
    return false
  }
}
