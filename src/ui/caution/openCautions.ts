import { useSyncExternalStore } from 'react'

/** How many cautions stand on the screen and have not been answered. */
let open = 0
const listeners = new Set<() => void>()
const change = (by: number) => {
  open += by
  for (const listener of listeners) listener()
}

/** A caution stands: until it is answered, or its screen goes. @returns how it goes */
export function cautionStands(): () => void {
  change(1)
  return () => change(-1)
}

/** Does a caution wait for its answer? Nothing is ticked, passed or taken out before. */
export const useCautionOpen = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => open > 0,
    () => false,
  )
