import { useCallback, useRef, useState } from 'react'
import type { Outcome } from '@/core/base/outcome'
import { unanswered } from '@/words/unanswered'

/**
 * One call at a time to the bench. What breaks on the way is an outcome like any other: a sentence.
 * @returns `call`, which gives undefined while another is under way
 */
export function useCall(): {
  readonly busy: boolean
  readonly call: <T>(work: () => Promise<Outcome<T>>, so?: string) => Promise<Outcome<T> | undefined>
} {
  const [busy, setBusy] = useState(false)
  const going = useRef(false)
  const call = useCallback(async <T>(work: () => Promise<Outcome<T>>, so?: string) => {
    if (going.current) return undefined
    going.current = true
    setBusy(true)
    try {
      return await work().catch((): Outcome<T> => ({ ok: false, message: unanswered(so) }))
    } finally {
      going.current = false
      setBusy(false)
    }
  }, [])
  return { busy, call }
}
