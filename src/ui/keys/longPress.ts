import { LONG_PRESS_MS } from './keyModel'

/**
 * Tells a short press from a long one: the short one acts when the foot lifts, the long one while it is still down.
 * @param act is told which of the two it was, and when
 */
export function longPress(act: (press: 'short' | 'long', atMs: number) => void) {
  let timer: ReturnType<typeof setTimeout> | undefined
  return {
    isDown: () => timer !== undefined,
    down: (atMs: number) => {
      timer = setTimeout(() => {
        timer = undefined
        act('long', atMs)
      }, LONG_PRESS_MS)
    },
    up: (atMs: number) => {
      if (timer === undefined) return
      clearTimeout(timer)
      timer = undefined
      act('short', atMs)
    },
    /** the foot's lifting may never be heard */
    forget: () => {
      clearTimeout(timer)
      timer = undefined
    },
  }
}
