'use client'
import { useRouter } from 'next/navigation'
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useLayoutEffect,
  useTransition,
} from 'react'
import { afterAddressWrites } from './addressWrites'
import { setLeaving } from './leaving'

const Context = createContext<(href: string) => void>(() => undefined)

/**
 * Goes to another page by a key or a press. Until that page stands, keys do nothing here: a press that was meant for what comes
 * neither acts on what was, nor calls the router back by another selection.
 */
export const useGo = (): ((href: string) => void) => useContext(Context)

export function GoProvider({ children }: { readonly children: ReactNode }) {
  const router = useRouter()
  const [isUnderWay, start] = useTransition()
  useLayoutEffect(() => {
    if (!isUnderWay) setLeaving(false)
  }, [isUnderWay])
  // a page that the browser kept whole and shows again is here
  useEffect(() => {
    const back = () => setLeaving(false)
    window.addEventListener('pageshow', back)
    return () => window.removeEventListener('pageshow', back)
  }, [])
  const go = useCallback(
    (href: string) => {
      setLeaving(true)
      afterAddressWrites(() => start(() => router.push(href)))
    },
    [router],
  )
  return <Context value={go}>{children}</Context>
}
