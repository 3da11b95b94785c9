'use client'
import { createContext, createElement, type ReactNode, useCallback, useContext } from 'react'
import { parseAsString, throttle, useQueryState } from 'nuqs'
import { writeAddress } from '../address/addressWrites'

/**
 * The address is written this often at most, ms: a browser takes only so many changes of it while a key is held. The router's
 * own pace makes it up to three times as long.
 */
const ADDRESS_MS = 100

const inAddress = parseAsString.withOptions({
  history: 'replace',
  scroll: false,
  limitUrlUpdates: throttle(ADDRESS_MS),
})

/** What the address of a station asks for (`?at=`), and how it is changed. The screen has it at once, the address soon after. */
function useAsked() {
  const [asked, setAsked] = useQueryState('at', inAddress)
  return [asked, useCallback((key: string | null) => writeAddress(() => setAsked(key)), [setAsked])] as const
}

type Select = (key: string | null) => void
const Context = createContext<Select>(() => undefined)

/** Lets a frame select without being drawn again for each selection. */
export function SelectProvider({ children }: { readonly children: ReactNode }) {
  const [, select] = useAsked()
  return createElement(Context, { value: select }, children)
}

/** Selects by the address, whatever the station; null: what is due. */
export const useSelect = (): Select => useContext(Context)

/**
 * What is selected at a station: what the address asks for, when it is there; else what is due.
 * `follow` goes back to what is due, after something has been done.
 */
export function useAt(
  has: (key: string) => boolean,
  due: string | undefined,
): { readonly at: string | undefined; readonly select: (key: string) => void; readonly follow: () => void } {
  const [asked, select] = useAsked()
  return {
    at: asked !== null && has(asked) ? asked : due,
    select,
    follow: useCallback(() => select(null), [select]),
  }
}
