import { useContext, useLayoutEffect, useReducer, useState } from 'react'
import { flushSync } from 'react-dom'
import { KeyContext } from './keyContext'

/** Without a frame by then, none comes. */
const NO_FRAME_MS = 200

/** What was drawn last: written when it stands, so that what follows at once is drawn once. */
class Drawn<T> {
  #last: T
  constructor(first: T) {
    this.#last = first
  }
  read = () => this.#last
  stands = (now: T) => {
    this.#last = now
  }
}

/**
 * What a card shows: what is selected. While a key moves the selection, the card comes a frame later, so that a hand can run down a
 * queue; a key that does more than move finds the card of what is selected, drawn or not.
 */
export function useShown<T>(selected: T): T {
  const { behind, isMoving } = useContext(KeyContext)
  const [drawn] = useState(() => new Drawn(selected))
  const [, draw] = useReducer((times: number) => times + 1, 0)
  const shown = isMoving() ? drawn.read() : selected
  useLayoutEffect(() => {
    drawn.stands(shown)
    if (shown === selected) return undefined
    const known = behind(() => flushSync(draw))
    let timer: ReturnType<typeof setTimeout>
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(draw)
    })
    // a page that is not looked at has no frames
    const slow = setTimeout(draw, NO_FRAME_MS)
    return () => {
      known()
      cancelAnimationFrame(frame)
      clearTimeout(timer)
      clearTimeout(slow)
    }
  }, [behind, drawn, selected, shown])
  return shown
}
