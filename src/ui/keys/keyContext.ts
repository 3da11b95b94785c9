import { createContext } from 'react'
import type { KeyBinding } from './keyModel'

/** What the keys of a page offer to what stands on it. */
export interface Keys {
  readonly add: (layer: readonly KeyBinding[]) => () => void
  readonly onBurst: (listener: (text: string) => void) => () => void
  readonly showKeys: () => void
  /** a card is behind what is selected: `catchUp` draws it before a key acts on it */
  readonly behind: (catchUp: () => void) => () => void
  /** a key is running that only moves what is selected */
  readonly isMoving: () => boolean
}

export const KeyContext = createContext<Keys>({
  add: () => () => undefined,
  onBurst: () => () => undefined,
  showKeys: () => undefined,
  behind: () => () => undefined,
  isMoving: () => false,
})
