'use client'
import { useCallback } from 'react'
import { parseAsString, throttle, useQueryState } from 'nuqs'

/** The address is written this often at most, ms: a browser takes only so many changes of it while a key is held. */
const ADDRESS_MS = 250

const inAddress = parseAsString.withOptions({
  history: 'replace',
  scroll: false,
  limitUrlUpdates: throttle(ADDRESS_MS),
})

/** What the address of a station asks for (`?at=`), and how it is changed. The screen has it at once, the address soon after. */
export const useAsked = () => useQueryState('at', inAddress)

/**
 * What is selected at a station: what the address asks for, when it is there; else what is due.
 * `follow` goes back to what is due, after something has been done.
 */
export function useAt(
  has: (key: string) => boolean,
  due: string | undefined,
): { readonly at: string | undefined; readonly select: (key: string) => void; readonly follow: () => void } {
  const [asked, setAsked] = useAsked()
  return {
    at: asked !== null && has(asked) ? asked : due,
    select: useCallback((key: string) => void setAsked(key), [setAsked]),
    follow: useCallback(() => void setAsked(null), [setAsked]),
  }
}
