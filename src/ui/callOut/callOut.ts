import { useEffect, useEffectEvent, useSyncExternalStore } from 'react'

const KEPT = 'urn-call-out'
const listeners = new Set<() => void>()

const isOn = (): boolean => localStorage.getItem(KEPT) === 'on'
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** The browser's voice, where it has one. */
const voiceOf = (): SpeechSynthesis | undefined => ('speechSynthesis' in window ? window.speechSynthesis : undefined)

/** Is what is due next spoken aloud? Off until somebody switches it on; kept for this bench. */
export function useCallOutSwitch(): { readonly on: boolean; readonly toggle: () => void } {
  const on = useSyncExternalStore(subscribe, isOn, () => false)
  return {
    on,
    toggle: () => {
      localStorage.setItem(KEPT, on ? 'off' : 'on')
      if (on) voiceOf()?.cancel()
      for (const listener of listeners) listener()
    },
  }
}

/**
 * Speaks the line that is due when another one is. The first of an item waits until its place has been called out; from then on
 * what is still being said of the line before is of no use any more.
 * @param isFirst nothing of the item is done yet
 */
export function useLineCallOut(text: () => string | undefined, key: string | undefined, isFirst: boolean): void {
  const { on } = useCallOutSwitch()
  const speak = useEffectEvent((voice: SpeechSynthesis) => {
    const said = text()
    if (said === undefined || said === '') return
    if (!isFirst) voice.cancel()
    voice.speak(new SpeechSynthesisUtterance(said))
  })
  useEffect(() => {
    const voice = on ? voiceOf() : undefined
    if (voice && key !== undefined) speak(voice)
  }, [on, key])
}

/** Speaks a text when it changes, by the browser's own voice. Silent while the switch is off, and where the browser has no voice. */
export function useCallOut(text: string | undefined): void {
  const { on } = useCallOutSwitch()
  useEffect(() => {
    const voice = on ? voiceOf() : undefined
    if (!voice || text === undefined) return
    // what was due before is of no use any more
    voice.cancel()
    voice.speak(new SpeechSynthesisUtterance(text))
  }, [on, text])
}
