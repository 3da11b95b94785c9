'use client'
import { useCallback, useContext, useEffect, useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react'
import { isLeaving } from '../address/leaving'
import { later } from '../later/later'
import { flushSync } from 'react-dom'
import { longPress } from './longPress'
import { KeyContext, type Keys } from './keyContext'
import { BURST_MS, BurstReader, LONG_PRESS, SEQUENCE_MS, type KeyBinding } from './keyModel'

const loadDrawer = () => import('./KeyDrawer')
const KeyDrawer = later(loadDrawer, (module) => module.KeyDrawer)

const SWITCH = 'urn-single-keys'
/** The drawer of keys is no part of the first load. */
const DRAWER_AFTER_MS = 1200

/** In a field, or in something like a grid that takes every key for itself, single keys are text. */
const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.matches('input, textarea, select') || target.isContentEditable || target.closest('[data-own-keys]') !== null)
/** A choice among a few at a job was pressed and is made: all but its arrows, and a Space that would choose, is the card's again. */
const isChosen = (target: EventTarget | null, key: string) =>
  target instanceof HTMLInputElement &&
  target.type === 'radio' &&
  target.closest('[data-pedal]') !== null &&
  !key.startsWith('Arrow') &&
  key !== 'Escape' &&
  (target.checked || key !== ' ')

/** How long a form takes to say that what was typed is wrong, ms. */
const ANSWER_MS = 80

/** A figure that was typed and taken at a job leaves its field, so that the pedal is the card's again; one that is wrong is kept in hand. */
function leaveWhenTaken(field: EventTarget | null): void {
  if (
    !(field instanceof HTMLInputElement) ||
    !field.closest('[data-pedal]') ||
    field.matches('[aria-haspopup]') ||
    field.closest('[data-own-keys]') ||
    field.list
  )
    return
  setTimeout(() => {
    if (document.activeElement === field && field.getAttribute('aria-invalid') !== 'true') field.blur()
  }, ANSWER_MS)
}

/** On a control of its own, Enter and Space are the control's. */
const isControl = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.matches('button, a[href], summary, [data-own-press]')

/** Listens for the whole page, so that a key means one thing everywhere. The newest layer of bindings wins. */
export function KeyProvider({ children }: { readonly children: ReactNode }) {
  const layers = useRef<(readonly KeyBinding[])[]>([])
  const listeners = useRef(new Set<(text: string) => void>())
  const late = useRef(new Set<() => void>())
  const moving = useRef(false)
  const [shownKeys, setShownKeys] = useState<readonly KeyBinding[]>()
  const [single, setSingle] = useState(true)

  useEffect(() => setSingle(localStorage.getItem(SWITCH) !== 'off'), [])
  // fetched when the page is idle, so that the first question finds it there
  useEffect(() => {
    const timer = setTimeout(() => void loadDrawer(), DRAWER_AFTER_MS)
    return () => clearTimeout(timer)
  }, [])

  const keys = useMemo<Keys>(
    () => ({
      add: (layer) => {
        layers.current = [...layers.current, layer]
        return () => {
          layers.current = layers.current.filter((one) => one !== layer)
        }
      },
      onBurst: (listener) => {
        listeners.current.add(listener)
        return () => listeners.current.delete(listener)
      },
      showKeys: () => setShownKeys(allBindings(layers.current)),
      behind: (catchUp) => {
        late.current.add(catchUp)
        return () => late.current.delete(catchUp)
      },
      isMoving: () => moving.current,
    }),
    [],
  )

  useEffect(() => {
    const reader = new BurstReader()
    let sequence: { readonly key: string; readonly at: number } | undefined
    const find = (key: string) => {
      const all = [...layers.current]
        .reverse()
        .flat()
        .filter((binding) => binding.key === key)
      return all.find(({ first }) => first) ?? all[0]
    }
    // two keys of one slow frame: the screen follows the first before the second acts
    const run = (binding: KeyBinding | undefined) => {
      moving.current = binding?.moves === true
      flushSync(() => binding?.run())
      moving.current = false
    }
    const catchUp = () => {
      for (const draw of [...late.current]) draw()
    }
    const starts = (key: string) => layers.current.flat().some((binding) => binding.key.startsWith(`${key} `))

    const act = (key: string, now: number) => {
      const first = sequence && now - sequence.at < SEQUENCE_MS ? sequence.key : undefined
      sequence = undefined
      if (!find(key)?.moves) catchUp()
      if (first !== undefined) {
        run(find(`${first} ${key}`))
        return
      }
      if (key === '?') {
        setShownKeys(allBindings(layers.current))
        return
      }
      const binding = find(key)
      if (binding) run(binding)
      else if (starts(key)) sequence = { key, at: now }
    }

    // where a screen knows a long press, Space waits for the foot to say which of the two it is
    const pedal = longPress((press, at) => isLeaving() || act(press === 'long' ? LONG_PRESS : ' ', at))
    const onUp = (event: KeyboardEvent) => event.key === ' ' && pedal.up(event.timeStamp)

    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || event.isComposing) {
        if (event.key === ' ' && pedal.isDown()) event.preventDefault()
        return
      }
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
      if ((event.ctrlKey || event.metaKey) && !event.altKey) {
        catchUp()
        const binding = find(`ctrl+${key}`)
        if (binding) {
          event.preventDefault()
          binding.run()
        }
        return
      }
      if (event.altKey) return
      if (isTyping(event.target) && !isChosen(event.target, key)) {
        if (key === 'Escape') (event.target as HTMLElement).blur()
        if (key === 'Enter') leaveWhenTaken(event.target)
        return
      }
      // a press after the one that leaves is meant for the page that comes
      if (isLeaving()) {
        if (key !== 'Tab') event.preventDefault()
        return
      }
      if (isControl(event.target) && (key === 'Enter' || key === ' ')) return
      const known = find(key) ?? (starts(key) || key === '?' || sequence ? key : undefined)
      // the page does not scroll under a pedal
      if (known !== undefined && (key === ' ' || key.startsWith('Arrow'))) event.preventDefault()
      if (!single && key.length === 1 && key !== ' ') return
      const outcome = reader.press(key, event.timeStamp)
      if (outcome.kind === 'burst') catchUp()
      if (outcome.kind === 'burst') for (const listener of listeners.current) listener(outcome.text)
      if (outcome.kind !== 'pending') return
      if (key === ' ' && find(LONG_PRESS)) {
        pedal.down(event.timeStamp)
        return
      }
      // an arrow, Escape or Enter by itself cannot be the head of a message
      if (key.length > 1) act(key, event.timeStamp)
      else setTimeout(() => !reader.inBurst && !isLeaving() && act(key, event.timeStamp), BURST_MS + 3)
    }
    window.addEventListener('keydown', onKey)
    window.addEventListener('keyup', onUp)
    window.addEventListener('blur', pedal.forget)
    return () => {
      pedal.forget()
      window.removeEventListener('keydown', onKey)
      window.removeEventListener('keyup', onUp)
      window.removeEventListener('blur', pedal.forget)
    }
  }, [single])

  const setKeys = useCallback((on: boolean) => {
    localStorage.setItem(SWITCH, on ? 'on' : 'off')
    setSingle(on)
  }, [])

  return (
    <KeyContext value={keys}>
      {children}
      {shownKeys && (
        <KeyDrawer bindings={shownKeys} single={single} setSingle={setKeys} close={() => setShownKeys(undefined)} />
      )}
    </KeyContext>
  )
}

const allBindings = (layers: readonly (readonly KeyBinding[])[]) => {
  const seen = new Map<string, KeyBinding>()
  for (const binding of layers.flat()) seen.set(binding.key, binding)
  return [...seen.values()]
}

/**
 * Binds keys for as long as the component stands. A binding's `run` may change between renders. All of it happens as the screen
 * changes, not after: a key does what stands there, never what stood there a moment before.
 */
export function useKeys(bindings: readonly KeyBinding[]): void {
  const { add } = useContext(KeyContext)
  const latest = useRef(bindings)
  useLayoutEffect(() => {
    latest.current = bindings
  })
  const names = bindings
    .map(
      (binding) =>
        `${binding.key}\u0000${binding.words}\u0000${binding.moves ? 'moves' : ''}\u0000${binding.first ? 'first' : ''}`,
    )
    .join('\u0001')
  useLayoutEffect(
    () =>
      add(
        names === ''
          ? []
          : names.split('\u0001').map((name) => {
              const [key = '', words = '', moves = '', first = ''] = name.split('\u0000')
              return {
                key,
                words,
                ...(moves !== '' && { moves: true as const }),
                ...(first !== '' && { first: true as const }),
                run: () => latest.current.find((binding) => binding.key === key)?.run(),
              }
            }),
      ),
    [add, names],
  )
}

/** Hears what a scanner or a calliper sends while no field has the focus. */
export function useBurst(listener: (text: string) => void): void {
  const { onBurst } = useContext(KeyContext)
  const latest = useRef(listener)
  useLayoutEffect(() => {
    latest.current = listener
  })
  useLayoutEffect(() => onBurst((text) => latest.current(text)), [onBurst])
}

export const useKeyDrawer = () => useContext(KeyContext).showKeys
