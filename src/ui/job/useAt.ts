'use client'
import { useSearchParams } from 'next/navigation'
import { useCallback, useEffect, useState } from 'react'
import { useJob } from './JobProvider'

/**
 * What is selected at a station: what the frame or the address asks for, until the hands choose otherwise; else what is due.
 * `follow` goes back to what is due, after something has been done.
 */
export function useAt(
  has: (key: string) => boolean,
  due: string | undefined,
): { readonly at: string | undefined; readonly select: (key: string) => void; readonly follow: () => void } {
  const asked = useSearchParams().get('at')
  const { asked: request } = useJob()
  const [picked, setPicked] = useState<string | undefined>(asked ?? undefined)
  useEffect(() => setPicked(asked ?? undefined), [asked])
  useEffect(() => {
    if (request.count > 0) setPicked(request.key)
  }, [request])
  const at = picked !== undefined && has(picked) ? picked : due
  return {
    at,
    select: useCallback((key: string) => setPicked(key), []),
    follow: useCallback(() => setPicked(undefined), []),
  }
}
