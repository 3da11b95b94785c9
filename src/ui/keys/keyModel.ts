/** One key model for all screens: a key means one thing everywhere. */
export interface KeyBinding {
  /** as the browser names it, lower case; `g p` for a sequence */
  readonly key: string
  /** what the key sheet says */
  readonly words: string
  readonly run: () => void
  /** it only moves what is selected: it need not wait for the card of what was selected before */
  readonly moves?: true
  /** it is answered before anything else that this key does */
  readonly first?: true
}

/** Keys that follow one another faster than this are a scanner or a calliper, never a hand. */
export const BURST_MS = 35
/** Space held down, by a foot that has no second pedal: no, or it fails. */
export const LONG_PRESS = 'long space'
export const LONG_PRESS_MS = 650
/** How long a sequence like G then P waits for its second key. */
export const SEQUENCE_MS = 1500

export type KeyOutcome =
  | { readonly kind: 'nothing' }
  /** a single key, to be acted on when no other follows at once */
  | { readonly kind: 'pending'; readonly key: string }
  | { readonly kind: 'burst'; readonly text: string }

/** Tells a hand from a scanner by the time between keys. Pure: the time comes with each key. */
export class BurstReader {
  #text = ''
  #last = -Infinity
  #burst = false

  /** A key came down at a time in ms. `pending` means: act on it unless another key follows within BURST_MS. */
  press(key: string, atMs: number): KeyOutcome {
    const quick = atMs - this.#last < BURST_MS
    this.#last = atMs
    if (!quick) {
      this.#text = key.length === 1 ? key : ''
      this.#burst = false
      return { kind: 'pending', key }
    }
    this.#burst = true
    if (key === 'Enter') {
      const text = this.#text
      this.#text = ''
      return text.length > 1 ? { kind: 'burst', text } : { kind: 'nothing' }
    }
    if (key.length === 1) this.#text += key
    return { kind: 'nothing' }
  }

  /** Was the key that is pending followed at once by another? Then it belongs to a burst. */
  get inBurst(): boolean {
    return this.#burst
  }
}
