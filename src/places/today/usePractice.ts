'use client'
import { useState } from 'react'
import { useCall } from '@/ui/action/useCall'
import { addressOfPort } from '@/ui/frame/benchAddress'
import { firstStartWords as words } from '@/words/screens/today/firstStart'
import { openPractice } from './actions'

/** The way into the practice workshop: it is opened, and the page goes there. */
export function usePractice(): {
  readonly busy: boolean
  readonly fault: string | undefined
  readonly enter: () => Promise<void>
} {
  const { busy, call } = useCall()
  const [fault, setFault] = useState<string>()
  const [leaving, setLeaving] = useState(false)
  const enter = async () => {
    setFault(undefined)
    const opened = await call(openPractice, words.practiceNot)
    if (!opened) return
    if (!opened.ok) {
      setFault(opened.message)
      return
    }
    setLeaving(true)
    window.location.assign(addressOfPort(opened.value))
  }
  return { busy: busy || leaving, fault, enter }
}
